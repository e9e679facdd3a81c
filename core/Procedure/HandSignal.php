<?php

declare(strict_types=1);

namespace Yoke\Procedure;

/** What a helper shows a driver who sees them in the mirror: both arms, so that it reads from afar. */
enum HandSignal: string
{
    case Back = 'back';
    case Forward = 'forward';
    case TailLeft = 'tail to the driver\'s left';
    case TailRight = 'tail to the driver\'s right';
    case Slow = 'slow';
    case Stop = 'stop';

    /**
     * Where both hands are, from the shoulders' middle, in arm's lengths: x to the viewer's right, y up; and how they move.
     *
     * @return array{left: array{float, float}, right: array{float, float}, moves: string}
     */
    public function hands(): array
    {
        return match ($this) {
            self::Back => ['left' => [-0.5, 0.75], 'right' => [0.5, 0.75], 'moves' => 'both hands beckon over the shoulders'],
            self::Forward => ['left' => [-0.3, -0.35], 'right' => [0.3, -0.35], 'moves' => 'both hands push away'],
            self::TailLeft => ['left' => [-1.0, 0.0], 'right' => [0.35, 0.55], 'moves' => 'one arm points, the other beckons'],
            self::TailRight => ['left' => [-0.35, 0.55], 'right' => [1.0, 0.0], 'moves' => 'one arm points, the other beckons'],
            self::Slow => ['left' => [-0.85, -0.3], 'right' => [0.85, -0.3], 'moves' => 'both palms press down'],
            self::Stop => ['left' => [0.4, 0.95], 'right' => [-0.4, 0.95], 'moves' => 'both arms crossed over the head, held'],
        };
    }
}
