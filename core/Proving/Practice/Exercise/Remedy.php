<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

/** What can be put right besides the setting; offered whether or not anything is wrong there. */
enum Remedy: string
{
    case WindJackUp = 'wind_jack_up';
    case ClearCab = 'clear_cab';
    case MoveOffDip = 'move_off_dip';
    case LevellingOff = 'levelling_off';
    case UntwistChains = 'untwist_chains';
    case EvenSides = 'even_sides';
    case PumpTyres = 'pump_tyres';
    case MoveLoadForward = 'move_load_forward';
    case ChangeBars = 'change_bars';
    case SetBracket = 'set_bracket';

    /** Minutes that it takes. */
    public function minutes(): float
    {
        return match ($this) {
            self::ClearCab, self::LevellingOff, self::WindJackUp => 1.0,
            self::MoveOffDip, self::UntwistChains, self::EvenSides => 3.0,
            self::PumpTyres => 6.0,
            self::ChangeBars, self::SetBracket => 15.0,
            self::MoveLoadForward => 20.0,
        };
    }

    /** Whether bars have to be off for it. */
    public function needsBarsOff(): bool
    {
        return match ($this) {
            self::UntwistChains, self::EvenSides, self::ChangeBars, self::SetBracket => true,
            default => false,
        };
    }
}
