<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Sight;

use Yoke\Foundation\Probability\Normal;

/** What somebody saw: a reading with a wide doubt (docs/model.md, By eye). The value is its key in files and words. */
enum Seen: string
{
    case Straight = 'straight';
    case SlightlyBent = 'slightly_bent';
    case WellBent = 'well_bent';
    case NoseWellDown = 'nose_well_down';
    case NoseDown = 'nose_down';
    case Level = 'level';
    case NoseUp = 'nose_up';
    case NoseWellUp = 'nose_well_up';
    case AsAlone = 'as_alone';
    case Sags = 'sags';
    case SagsFar = 'sags_far';
    case BeamLower = 'beam_lower';
    case BeamSame = 'beam_same';
    case BeamHigher = 'beam_higher';

    /**
     * What it is taken for, one deviation as its doubt: of bars their bend at the hook-up point, mm; of the rear how
     * much farther than alone it stands under the front, mm; of the trailer and the headlights degrees, nose-up above
     * 0.
     */
    public function reading(): Normal
    {
        return match ($this) {
            self::Straight => Normal::of(0.0, 7.0),
            self::SlightlyBent => Normal::of(20.0, 12.0),
            self::WellBent => Normal::of(55.0, 22.0),
            self::NoseWellDown => Normal::of(-2.2, 1.0),
            self::NoseDown => Normal::of(-1.0, 0.6),
            self::Level => Normal::of(0.0, 0.5),
            self::NoseUp => Normal::of(1.0, 0.6),
            self::NoseWellUp => Normal::of(2.2, 1.0),
            self::AsAlone => Normal::of(8.0, 20.0),
            self::Sags => Normal::of(65.0, 35.0),
            self::SagsFar => Normal::of(130.0, 50.0),
            self::BeamLower => Normal::of(-0.7, 0.5),
            self::BeamSame => Normal::of(0.0, 0.35),
            self::BeamHigher => Normal::of(0.9, 0.6),
        };
    }
}
