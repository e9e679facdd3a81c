<?php

declare(strict_types=1);

namespace Yoke\Road\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

final class ImpossibleRoadTest extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public static function answer(string $field): self
    {
        return new self('Expected one of the answers.', $field);
    }

    public static function speed(): self
    {
        return new self('Expected the highest speed driven, between 5 and 130 km/h (3 and 81 mph).', 'speed');
    }

    public static function distance(): self
    {
        return new self('Expected a distance between 0.1 and 2000 km (1243 miles).', 'distance');
    }

    /** The field at fault. */
    public function field(): string
    {
        return $this->field;
    }
}
