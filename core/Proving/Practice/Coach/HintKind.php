<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Coach;

/** What a learner is told to do next. */
enum HintKind: string
{
    /** Something is wrong here: look at a place. */
    case LookAt = 'look_at';
    /** What was seen is put right. */
    case PutRight = 'put_right';
    /** The head, or the whole shank, to where the trailer stands level. */
    case MoveHead = 'move_head';
    case LetDown = 'let_down';
    case Roll = 'roll';
    case TakeChocks = 'take_chocks';
    case Tape = 'tape';
    case Uncouple = 'uncouple';
    case Couple = 'couple';
    case TakeBarsOff = 'take_bars_off';
    /** Bars on at a setting. */
    case HookUp = 'hook_up';
    case DriveOff = 'drive_off';
}
