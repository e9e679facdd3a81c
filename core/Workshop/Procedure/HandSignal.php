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
     * @return array{left: array{float, float}, right: array{float, float}}
     */
    public function hands(): array
    {
        return match ($this) {
            self::Back => ['left' => [-0.5, 0.75], 'right' => [0.5, 0.75]],
            self::Forward => ['left' => [-0.3, -0.35], 'right' => [0.3, -0.35]],
            self::TailLeft => ['left' => [-1.0, 0.0], 'right' => [0.35, 0.55]],
            self::TailRight => ['left' => [-0.35, 0.55], 'right' => [1.0, 0.0]],
            self::Slow => ['left' => [-0.85, -0.3], 'right' => [0.85, -0.3]],
            self::Stop => ['left' => [0.4, 0.95], 'right' => [-0.4, 0.95]],
        };
    }
}
