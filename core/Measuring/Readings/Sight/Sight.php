<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Sight;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Rig\Parts\Stance;

/** What is judged by eye before or beside the tape; the value is its field in files and forms. */
enum Sight: string
{
    /** How far the bars are bent with their tension on. */
    case Bars = 'bars_seen';
    /** Which end of the trailer is up, by its frame against the ground or by a bubble. */
    case Trailer = 'trailer_seen';
    /** How far the vehicle's rear hangs against how it stands alone. */
    case Rear = 'rear_seen';
    /** Where the headlights point on a wall against where they point alone. */
    case Headlights = 'headlights_seen';

    /** @return list<self> what there is to see in a stance */
    public static function in(Stance $stance): array
    {
        return match ($stance) {
            Stance::Alone => [],
            Stance::Dropped => [self::Rear, self::Trailer, self::Headlights],
            Stance::Carried => [self::Bars, self::Trailer, self::Rear, self::Headlights],
        };
    }

    /** What an answer is about. */
    public static function of(Seen $seen): self
    {
        foreach (self::cases() as $sight) {
            if (in_array($seen, $sight->answers(), true)) {
                return $sight;
            }
        }

        throw new \LogicException('Every answer is about something.');
    }

    /** @return non-empty-list<Seen> what somebody may say, from one end to the other */
    public function answers(): array
    {
        return match ($this) {
            self::Bars => [Seen::Straight, Seen::SlightlyBent, Seen::WellBent],
            self::Trailer => [Seen::NoseWellDown, Seen::NoseDown, Seen::Level, Seen::NoseUp, Seen::NoseWellUp],
            self::Rear => [Seen::AsAlone, Seen::Sags, Seen::SagsFar],
            self::Headlights => [Seen::BeamLower, Seen::BeamSame, Seen::BeamHigher],
        };
    }

    /** Null of what is no answer to it. */
    public function answer(string $key): ?Seen
    {
        $seen = Seen::tryFrom($key);

        return $seen !== null && in_array($seen, $this->answers(), true) ? $seen : null;
    }

    public function observed(): Observed
    {
        return match ($this) {
            self::Bars => Observed::BendSeen,
            self::Trailer => Observed::NoseSeen,
            self::Rear, self::Headlights => Observed::PitchSeen,
        };
    }
}
