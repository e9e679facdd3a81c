<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act;

/** Why an act cannot be done as things stand; nothing happens, and no minute passes. */
enum Refusal: string
{
    case Over = 'over';
    case AlreadyCoupled = 'already_coupled';
    case NotCoupled = 'not_coupled';
    case BarsAreOn = 'bars_are_on';
    case BarsAreOff = 'bars_are_off';
    case PairIsRaised = 'pair_is_raised';
    case PairIsDown = 'pair_is_down';
    case IsChocked = 'is_chocked';
    case IsNotChocked = 'is_not_chocked';
    case UncoupleFirst = 'uncouple_first';
    case NoSuchStep = 'no_such_step';
    case NoGauge = 'no_gauge';
    case NoShank = 'no_shank';
    case NotAHeight = 'not_a_height';
}
