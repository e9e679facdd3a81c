<?php

declare(strict_types=1);

namespace App\Screens\Procedures;

use App\Words\Text;
use Yoke\Workshop\Procedure\Step;

/** The small drawing of a step, where a drawing says more than the words. */
enum StepPicture: string
{
    case Latch = 'latch';
    case Lift = 'lift';
    case ChainSides = 'chain-sides';
    case Square = 'square';
    case Cross = 'cross';
    case Breakaway = 'breakaway';
    case Plate = 'plate';
    case Blocks = 'blocks';
    case Screw = 'screw';
    case Tug = 'tug';

    /** Null where the words are enough. */
    public static function of(Step $step): ?self
    {
        $family = $step->family?->key() ?? '';

        return match ("{$family} {$step->does}") {
            ' couple', ' latch', ' uncouple' => self::Latch,
            ' lift',
            ' lift-again',
            ' lift-on',
            ' lift-off',
            'tension-chain bars_on.raise',
            'tension-chain bars_off.raise',
            'tension-chain change.raise' => self::Lift,
            'chain-rotating-latch bars_on.hook', 'chain-rotating-latch change.move' => self::ChainSides,
            'chain-snap-up bars_on.hook',
            'chain-snap-up change.move',
            'cam-bar bars_on.hook',
            'cam-bar change.move' => self::Square,
            ' chains' => self::Cross,
            ' breakaway' => self::Breakaway,
            ' plate-turned', 'tension-chain bars_on.plate_on', 'tension-chain bars_off.pull_pin' => self::Plate,
            'tension-chain change.blocks' => self::Blocks,
            'screw-jack-gauge tension.turn_up',
            'screw-jack-gauge change.turn',
            'screw-jack-gauge slacken.turn_back' => self::Screw,
            ' tug', ' tug-again' => self::Tug,
            default => null,
        };
    }

    /** What it shows, in words. */
    public function shows(): string
    {
        return Text::of("procedure.picture.{$this->value}");
    }
}
