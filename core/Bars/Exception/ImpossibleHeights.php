<?php

declare(strict_types=1);

namespace Yoke\Bars\Exception;

use DomainException;
use Yoke\CoreException;

/** Heights of a hitch that cannot be; names the field. */
final class ImpossibleHeights extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public static function height(string $field): self
    {
        return new self('Expected a height above the ground, up to 1500 mm (59 in).', $field);
    }

    public static function chain(): self
    {
        return new self('Expected the free chain shorter than its hook stands high.', 'chain');
    }

    public static function lifted(): self
    {
        return new self('Expected the lifted bar no lower than the hanging one.', 'lifted');
    }

    public static function gap(string $field): self
    {
        return new self('Expected a gap under the frame, up to 800 mm (31 in).', $field);
    }

    public function field(): string
    {
        return $this->field;
    }
}
