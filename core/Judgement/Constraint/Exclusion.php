<?php

declare(strict_types=1);

namespace Yoke\Judgement\Constraint;

/** Why a setting is never advised; the value is its key in words. */
enum Exclusion: string
{
    case OverRestored = 'over_restored';
    case BarsPastRating = 'bars_past_rating';
    case TipsTooLow = 'tips_too_low';
    case FrontAxlePastRating = 'front_axle_past_rating';
    case TrailerAxlesPastRating = 'trailer_axles_past_rating';
    case OneTrailerAxlePastRating = 'one_trailer_axle_past_rating';
}
