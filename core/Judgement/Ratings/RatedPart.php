<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

/** What carries a load that has a rating: one line of the ledger. */
enum RatedPart: string
{
    case BallGross = 'ball_gross';
    case CouplerGross = 'coupler_gross';
    case CouplerTongue = 'coupler_tongue';
    case ReceiverTongue = 'receiver_tongue';
    case BarsHeaviestTongue = 'bars_heaviest_tongue';
    case BarsLightestTongue = 'bars_lightest_tongue';
    case OneBar = 'one_bar';
    case Trailer = 'trailer';
    case TrailerAxles = 'trailer_axles';
    case OneTrailerAxle = 'one_trailer_axle';
    case TrailerTyre = 'trailer_tyre';
    case FrontAxle = 'front_axle';
    case RearAxle = 'rear_axle';
    case FrontTyre = 'front_tyre';
    case RearTyre = 'rear_tyre';
    case Vehicle = 'vehicle';
    case Combination = 'combination';
    case FrontAgainstAlone = 'front_against_alone';
    case Payload = 'payload';

    /** Whether its rating is one of the tongue weight. */
    public function isOfTheTongue(): bool
    {
        return match ($this) {
            self::CouplerTongue,
            self::ReceiverTongue,
            self::BarsHeaviestTongue,
            self::BarsLightestTongue => true,
            default => false,
        };
    }
}
