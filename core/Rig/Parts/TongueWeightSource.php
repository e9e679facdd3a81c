<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** How a tongue weight was got. */
enum TongueWeightSource: string
{
    case Gauge = 'gauge';
    case TongueScale = 'tongue_scale';
    case BathroomScale = 'bathroom_scale';
    /** Two weighbridge tickets, coupled with bars off and alone. */
    case Tickets = 'tickets';
    case Estimate = 'estimate';

    /** Usual share of the gross trailer weight, when nothing was weighed. */
    public const USUAL_SHARE = 0.125;

    /** Standard deviation as a share of the tongue weight (docs/model.md, What is usual). */
    public function doubt(): float
    {
        return match ($this) {
            self::Gauge, self::Tickets => 0.03,
            self::TongueScale => 0.02,
            self::BathroomScale => 0.05,
            self::Estimate => 0.12,
        };
    }
}
