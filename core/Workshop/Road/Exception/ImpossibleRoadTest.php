<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class ImpossibleRoadTest extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $field)
    {
        parent::__construct($expected->text());
    }

    public static function answer(string $field): self
    {
        return new self(Expected::of('road.answer'), $field);
    }

    public static function speed(): self
    {
        return new self(Expected::of('road.speed'), 'speed');
    }

    public static function distance(): self
    {
        return new self(Expected::of('road.distance'), 'distance');
    }

    /** The field at fault. */
    public function field(): string
    {
        return $this->field;
    }
}
