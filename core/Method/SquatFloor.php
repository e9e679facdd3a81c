<?php

declare(strict_types=1);

namespace Yoke\Method;

/** How far down equal squat may send the front. */
enum SquatFloor
{
    /** To its alone height and no further: the rule. */
    case AloneHeight;

    /** As far as the hitch's own sheet, entered by the shop, asks for. */
    case HitchSheet;
}
