<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** What there is to do now of a set-up; the value is its key in words. */
enum NextDeed: string
{
    case MeasureAlone = 'alone';
    case SetHead = 'head';
    case MeetBrackets = 'brackets';
    case MeasureDropped = 'dropped';
    /** A rig that was read with its bars on and in no other stance cannot be judged. */
    case TakeTensionOff = 'tension_off';
    case HookUp = 'hook_up';
    /** A setting is recorded, and nothing was read at it. */
    case MeasureCarried = 'carried';
    case Move = 'move';
    case Prove = 'prove';
    case SwayControl = 'sway';
    case HookUpChecks = 'checks';
    case RoadTest = 'road';
    case HandOver = 'hand_over';
    case Nothing = 'nothing';

    /** Whether the vehicle stands alone still. */
    public function isBeforeCoupling(): bool
    {
        return in_array($this, [self::SetHead, self::MeetBrackets, self::MeasureDropped], true);
    }

    /** Whether something has to be measured before any move can be told. */
    public function isBeforeTheFirstMove(): bool
    {
        return $this === self::MeasureAlone || $this === self::TakeTensionOff || $this->isBeforeCoupling();
    }

    public function isToMeasure(): bool
    {
        return in_array(
            $this,
            [self::MeasureAlone, self::MeasureDropped, self::TakeTensionOff, self::MeasureCarried],
            true,
        );
    }

    /** Whether it can be left out for what comes after it. */
    public function canBeSkipped(): bool
    {
        return in_array(
            $this,
            [self::SetHead, self::MeetBrackets, self::Prove, self::SwayControl, self::HookUpChecks, self::RoadTest],
            true,
        );
    }
}
