<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

/** How a coupler sits on its A-frame. The value is its key. */
enum CouplerKind: string
{
    /** On top of the frame's rails. */
    case OnTop = 'on top';

    /** Between the rails, level with them. */
    case Between = 'between';

    /** Under the rails. */
    case Under = 'under';

    /** What the top of the ball's seat usually stands above the rails' underside, as a share of their depth. */
    public function seatShare(): float
    {
        return match ($this) {
            self::OnTop => 1.0,
            self::Between => 0.5,
            self::Under => 0.0,
        };
    }
}
