<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** Why a move is advised, or why none can be; the value is its key in words. */
enum Reason: string
{
    /** Of all allowed settings it has the best chance for its minutes. */
    case BestChance = 'best_chance';
    /** The trailer stands off level; this levels it and keeps the load. */
    case LevelsTheTrailer = 'levels_the_trailer';
    case GoodEnough = 'good_enough';
    case NothingBetter = 'nothing_better';
    /** A second reading costs a minute, a hook-up six or thirty. */
    case ReadingIsCheaper = 'reading_is_cheaper';
    /** Alone and dropped carry the most: a slip there is found by reading each twice before anything is hooked up. */
    case SecondReading = 'second_reading';
    /** One story of the readings has it that a mistake was made, and a look would show it. */
    case SettlesADoubt = 'settles_a_doubt';
    /** Scale and tape contradict each other by more than chance. */
    case InstrumentsDiffer = 'instruments_differ';
    /** Every later move is counted from this setting. */
    case CountedFirst = 'counted_first';
    /** The method's goal is out of reach; this is the nearest that is allowed. */
    case NearestAllowed = 'nearest_allowed';
    case TooWeak = 'too_weak';
    case TooStrong = 'too_strong';
    case BarsTooLight = 'bars_too_light';
    case MethodOutOfReach = 'method_out_of_reach';
    case NotSureEnough = 'not_sure_enough';
    /** A return visit begins where it was left. */
    case AsLeft = 'as_left';
    /** A setting is on at which nothing was read: what was read before belongs to another. */
    case NotReadYet = 'not_read_yet';
}
