<?php

declare(strict_types=1);

namespace Yoke\Readings\Weighing\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

/** A reading of a tongue's weight that cannot be. */
final class ImpossibleReading extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public static function arm(string $field): self
    {
        return new self('Expected an arm of the lever above 0 and at most 6 m: a beam without an arm weighs nothing.', $field);
    }

    public static function weightless(): self
    {
        return new self('Expected a reading above 0. A tongue that lifts off is no tongue weight: move load ahead of the axles first.', 'read');
    }

    public static function behindTheAxles(): self
    {
        return new self('Expected a scale between the ball and the trailer\'s axles.', 'behind_ball');
    }

    public static function height(): self
    {
        return new self('Expected a coupler height between 100 and 1500 mm (4 and 59 in).', 'hitch_height');
    }

    /** The reading's field at fault. */
    public function field(): string
    {
        return $this->field;
    }
}
