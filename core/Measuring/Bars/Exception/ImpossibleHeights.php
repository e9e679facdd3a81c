<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

/** Heights of a hitch that cannot be; names the field. */
final class ImpossibleHeights extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $field)
    {
        parent::__construct($expected->text());
    }

    public static function height(string $field): self
    {
        return new self(Expected::of('bars.height'), $field);
    }

    public static function chain(): self
    {
        return new self(Expected::of('bars.chain'), 'chain');
    }

    public static function lifted(): self
    {
        return new self(Expected::of('bars.lifted'), 'lifted');
    }

    public static function gap(string $field): self
    {
        return new self(Expected::of('bars.gap'), $field);
    }

    public function field(): string
    {
        return $this->field;
    }
}
