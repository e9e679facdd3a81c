<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Measuring\Estimation\Stories\MistakeKind;

/** How a look is made so that it tells what is suspected from what is not; the value is its key in files. */
enum LookWay: string
{
    /** The same once more. */
    case Again = 'again';
    /** With the jack's foot off the ground. */
    case RaiseJack = 'raise_jack';
    /** On another place, on the same side, with the same tyre pressures. */
    case AnotherPlace = 'another_place';
    /** Counted from the other end of the chain. */
    case OtherEnd = 'other_end';
    /** The tape cannot settle it: a scale does. */
    case Weigh = 'weigh';

    /** Which way shows a kind of mistake. */
    public static function showing(MistakeKind $kind): self
    {
        return match ($kind) {
            MistakeKind::OnTheJack => self::RaiseJack,
            MistakeKind::OffThePlane, MistakeKind::OtherSide => self::AnotherPlace,
            MistakeKind::Reversed => self::OtherEnd,
            MistakeKind::Wander, MistakeKind::Unreliable => self::Weigh,
            default => self::Again,
        };
    }
}
