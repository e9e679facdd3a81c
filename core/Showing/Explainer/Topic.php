<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** What is explained, each on a screen with a rig to take hold of; the value is its name in an address. */
enum Topic: string
{
    case Coupling = 'coupling';
    case Bars = 'bars';
    case Shares = 'shares';
    case HeadAndTension = 'head-and-tension';
    case Tape = 'tape';
    case Levelling = 'levelling';
    case Tongue = 'tongue';
    case Sway = 'sway';

    public function explainer(): Explainer
    {
        return match ($this) {
            self::Coupling => new Explainers\Coupling,
            self::Bars => new Explainers\BarsLetGo,
            self::Shares => new Explainers\Shares,
            self::HeadAndTension => new Explainers\HeadAndTension,
            self::Tape => new Explainers\TapeAndRolling,
            self::Levelling => new Explainers\LevellingAndAir,
            self::Tongue => new Explainers\TongueWeight,
            self::Sway => new Explainers\SwayCauses,
        };
    }
}
