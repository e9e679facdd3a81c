<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

/** What is worth practising next. */
enum LessonKind: string
{
    case SafeOrder = 'safe_order';
    case FindFault = 'find_fault';
    case PutRightWhatYouSee = 'put_right_what_you_see';
    case BendDown = 'bend_down';
    case ReadTheTape = 'read_the_tape';
    case RollFirst = 'roll_first';
    case ReachTheRange = 'reach_the_range';
    case LevelTheTrailer = 'level_the_trailer';
    case FewerHookUps = 'fewer_hook_ups';
    case WithoutHelp = 'without_help';
    case NextLevel = 'next_level';
    case AgainSoon = 'again_soon';
    case TapeTwice = 'tape_twice';
}
