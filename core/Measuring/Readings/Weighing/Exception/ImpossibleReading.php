<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

/** A reading of a tongue's weight that cannot be. */
final class ImpossibleReading extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $field)
    {
        parent::__construct($expected->text());
    }

    public static function arm(string $field): self
    {
        return new self(Expected::of('tongue.arm'), $field);
    }

    public static function weightless(): self
    {
        return new self(Expected::of('tongue.weightless'), 'read');
    }

    public static function behindTheAxles(): self
    {
        return new self(Expected::of('tongue.behind_the_axles'), 'behind_ball');
    }

    public static function height(): self
    {
        return new self(Expected::of('tongue.height'), 'hitch_height');
    }

    /** The reading's field at fault. */
    public function field(): string
    {
        return $this->field;
    }
}
