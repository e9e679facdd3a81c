<?php

declare(strict_types=1);

namespace Yoke\Loading\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

/** A load that cannot be, or not there. */
final class ImpossibleItem extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public static function weight(): self
    {
        return new self('Expected a weight above 0 and at most 3000 kg (6614 lb).', 'weight');
    }

    public static function outsideVehicle(): self
    {
        return new self('That is outside the vehicle. Expected a place behind its front axle, no further than a rack behind the ball.', 'place');
    }

    public static function outsideTrailer(): self
    {
        return new self('That is outside the trailer. Expected a place ahead of its axles up to the ball, or behind them (below 0) no further than a rack on its tail.', 'place');
    }

    public static function fill(): self
    {
        return new self('Expected a tank filled between 0 and 100 %.', 'fill');
    }

    public static function count(int $most): self
    {
        return new self("Expected a whole number from 0 to {$most} of each thing.", 'count');
    }

    /** `weight`, `place`, `fill` or `count`. */
    public function field(): string
    {
        return $this->field;
    }
}
