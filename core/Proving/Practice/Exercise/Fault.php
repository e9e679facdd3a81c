<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Rig\Parts\Stance;

/** Something wrong with a rig of the practice yard. */
enum Fault: string
{
    case WeightOnJack = 'weight_on_jack';
    case SomebodyInCab = 'somebody_in_cab';
    case WheelInDip = 'wheel_in_dip';
    case LevellingOn = 'levelling_on';
    case ChainTwisted = 'chain_twisted';
    case UnequalSides = 'unequal_sides';
    case BarsStraight = 'bars_straight';
    case SoftTyre = 'soft_tyre';
    case BallTooLow = 'ball_too_low';
    case TongueTooLight = 'tongue_too_light';
    case OverRestored = 'over_restored';
    case WrongBars = 'wrong_bars';
    case BracketSlipped = 'bracket_slipped';

    /** Where it shows, if somebody looks there. */
    public function place(): Place
    {
        return match ($this) {
            self::WeightOnJack => Place::JackFoot,
            self::SomebodyInCab, self::LevellingOn => Place::Cab,
            self::WheelInDip => Place::Ground,
            self::SoftTyre => Place::Tyres,
            self::ChainTwisted, self::UnequalSides => Place::Chains,
            self::BarsStraight, self::WrongBars, self::OverRestored => Place::Bars,
            self::BallTooLow => Place::Coupler,
            self::TongueTooLight => Place::Load,
            self::BracketSlipped => Place::Brackets,
        };
    }

    /** What puts it right; null where the setting of the hitch does. */
    public function remedy(): ?Remedy
    {
        return match ($this) {
            self::WeightOnJack => Remedy::WindJackUp,
            self::SomebodyInCab => Remedy::ClearCab,
            self::WheelInDip => Remedy::MoveOffDip,
            self::LevellingOn => Remedy::LevellingOff,
            self::ChainTwisted => Remedy::UntwistChains,
            self::UnequalSides => Remedy::EvenSides,
            self::SoftTyre => Remedy::PumpTyres,
            self::TongueTooLight => Remedy::MoveLoadForward,
            self::WrongBars => Remedy::ChangeBars,
            self::BracketSlipped => Remedy::SetBracket,
            self::BarsStraight, self::BallTooLow, self::OverRestored => null,
        };
    }

    /** @return list<Stance> in which it changes what is read: such readings do not count once it is put right */
    public function spoils(): array
    {
        return match ($this) {
            self::LevellingOn, self::SoftTyre => Stance::cases(),
            self::WeightOnJack, self::SomebodyInCab, self::WheelInDip, self::TongueTooLight => [
                Stance::Dropped,
                Stance::Carried,
            ],
            self::ChainTwisted, self::UnequalSides, self::WrongBars, self::BracketSlipped => [Stance::Carried],
            self::BarsStraight, self::BallTooLow, self::OverRestored => [],
        };
    }

    /** Whether it can be seen while the rig stands so: most of it only once trailer and bars are on. */
    public function showsIn(Stance $stance): bool
    {
        return match ($this) {
            self::LevellingOn,
            self::SoftTyre,
            self::WrongBars,
            self::BracketSlipped,
            self::TongueTooLight => true,
            self::WeightOnJack, self::SomebodyInCab, self::WheelInDip, self::BallTooLow => $stance !==
                Stance::Alone,
            self::ChainTwisted, self::UnequalSides, self::BarsStraight, self::OverRestored => $stance ===
                Stance::Carried,
        };
    }

    /** Whether it is there at all while the rig stands so: some of it comes with coupling. */
    public function isThereIn(Stance $stance): bool
    {
        return $stance !== Stance::Alone ||
            ! in_array($this, [self::WeightOnJack, self::SomebodyInCab, self::WheelInDip], true);
    }

    /** Whether it needs what not every hitch has. */
    public function needsChains(): bool
    {
        return $this === self::ChainTwisted;
    }

    /** @return list<self> what can be wrong at a level */
    public static function at(Level $level): array
    {
        $any = array_values(
            array_filter(self::cases(), static fn (self $fault): bool => $fault !== self::OverRestored),
        );

        return match ($level) {
            Level::ClearFigures, Level::RealTape => [],
            Level::SomethingWrong => $any,
            Level::TakenOver => [...$any, self::OverRestored],
            Level::OwnRig => array_values(
                array_filter(
                    $any,
                    static fn (self $fault): bool => ! in_array(
                        $fault,
                        [self::BallTooLow, self::BarsStraight],
                        true,
                    ),
                ),
            ),
        };
    }

    /** Whether both can be wrong with one rig. */
    public function goesWith(self $other): bool
    {
        $tensions = [self::OverRestored, self::BarsStraight, self::WrongBars, self::LevellingOn];

        return $this !== $other && ! (in_array($this, $tensions, true) && in_array($other, $tensions, true));
    }
}
