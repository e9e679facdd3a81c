<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** What a helper shows a driver who sees them in the mirror: both arms, so that it reads from afar. */
enum HandSignal: string
{
    case Back = 'back';
    case Forward = 'forward';
    case TailLeft = 'tail-left';
    case TailRight = 'tail-right';
    case Slow = 'slow';
    case Stop = 'stop';

    /**
     * Where both hands are, from the shoulders' middle, in arm's lengths: x to the viewer's right, y up.
     *
     * @return array{left: array{x: float, y: float}, right: array{x: float, y: float}}
     */
    public function hands(): array
    {
        return match ($this) {
            self::Back => [
                'left' => ['x' => -0.5, 'y' => 0.75],
                'right' => ['x' => 0.5, 'y' => 0.75],
            ],
            self::Forward => [
                'left' => ['x' => -0.3, 'y' => -0.35],
                'right' => ['x' => 0.3, 'y' => -0.35],
            ],
            self::TailLeft => [
                'left' => ['x' => -1.0, 'y' => 0.0],
                'right' => ['x' => 0.35, 'y' => 0.55],
            ],
            self::TailRight => [
                'left' => ['x' => -0.35, 'y' => 0.55],
                'right' => ['x' => 1.0, 'y' => 0.0],
            ],
            self::Slow => [
                'left' => ['x' => -0.85, 'y' => -0.3],
                'right' => ['x' => 0.85, 'y' => -0.3],
            ],
            self::Stop => [
                'left' => ['x' => 0.4, 'y' => 0.95],
                'right' => ['x' => -0.4, 'y' => 0.95],
            ],
        };
    }
}
