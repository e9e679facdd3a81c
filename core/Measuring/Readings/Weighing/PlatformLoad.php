<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Units\Load;

/** What one platform of a weighbridge showed, and which axles stood on it. */
final readonly class PlatformLoad
{
    /**
     * @param  non-empty-list<WeighedAxle>  $axles  one, or two that share the platform
     * @param  Load  $load  above 0
     */
    public function __construct(public array $axles, public Load $load)
    {
    }

    /** @return list<string> the words of its axles, front to back */
    public function names(): array
    {
        return array_values(
            array_filter(
                array_column(WeighedAxle::cases(), 'value'),
                fn (string $name): bool => in_array(WeighedAxle::from($name), $this->axles, true),
            ),
        );
    }

    public function carries(WeighedAxle ...$axles): bool
    {
        return count($axles) === count($this->axles) &&
            array_filter($axles, fn (WeighedAxle $axle): bool => ! in_array($axle, $this->axles, true)) === [];
    }
}
