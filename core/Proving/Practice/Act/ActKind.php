<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act;

/** What can be done at a rig; the value is what it is kept by. */
enum ActKind: string
{
    case Roll = 'roll';
    case Tape = 'tape';
    case Chock = 'chock';
    case TakeChocks = 'take_chocks';
    case Couple = 'couple';
    case Uncouple = 'uncouple';
    case RaisePair = 'raise_pair';
    case LowerPair = 'lower_pair';
    case BarsOn = 'bars_on';
    case BarsOff = 'bars_off';
    /** One adjuster to a step. */
    case Set = 'set';
    case TurnShank = 'turn_shank';
    /** Over the weighbridge: every axle. */
    case Weigh = 'weigh';
    /** A scale under the tongue, uncoupled. */
    case WeighTongue = 'weigh_tongue';
    case Gauge = 'gauge';
    case Look = 'look';
    case PutRight = 'put_right';
    case Hint = 'hint';
    case DriveOff = 'drive_off';

    /** Minutes that it takes, where that does not depend on what is done. */
    public function minutes(): float
    {
        return match ($this) {
            self::Hint, self::Set, self::PutRight, self::DriveOff, self::TurnShank => 0.0,
            self::Roll, self::Tape, self::Chock, self::TakeChocks, self::LowerPair, self::Look, self::Gauge => 1.0,
            self::RaisePair, self::BarsOff => 2.0,
            self::Couple, self::Uncouple, self::BarsOn => 3.0,
            self::WeighTongue => 5.0,
            self::Weigh => 25.0,
        };
    }
}
