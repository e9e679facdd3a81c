<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Judgement\Head\BallHeightRule;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Specification\SpecificationSheet;

/** Where a hitch's own data sheet starts: ball height, washers by tongue weight, links or holes. */
final readonly class SheetStart
{
    /** @param  float  $tongueWeight  kg */
    public function __construct(private SpecificationSheet $hitch, private float $tongueWeight)
    {
    }

    /** The ball over the level coupler; null where the sheet gives no range. */
    public function ball(): ?BallHeightRule
    {
        $from = $this->hitch->length('ball_over_from_mm');
        $to = $this->hitch->length('ball_over_to_mm');

        return match (true) {
            $from !== null => new BallHeightRule('data_sheet', $from, $to ?? $from),
            $to !== null => new BallHeightRule('data_sheet', $to, $to),
            default => null,
        };
    }

    /**
     * Washers by where the tongue weight lies in the bars' range: few near its bottom, many near its top; null where
     * the sheet gives no range.
     */
    public function tilt(Adjusters $adjusters): ?float
    {
        $low = $this->hitch->number('bar_rating_low_kg');
        $high = $this->hitch->number('bar_rating_high_kg');
        foreach ($adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tilt && $low !== null && $high !== null && $high > $low) {
                $share = max(0.0, min(1.0, ($this->tongueWeight - $low) / ($high - $low)));
                $from = $this->hitch->number('start_washers_low') ?? $adjuster->range->from;
                $to = $this->hitch->number('start_washers_high') ?? $adjuster->range->to;

                return $adjuster->range->nearest($from + $share * ($to - $from));
            }
        }

        return null;
    }

    /** The setting that the sheet starts at; null where it names no link or hole to start with. */
    public function setting(Adjusters $adjusters): ?Setting
    {
        $start = $this->hitch->number('start_step');
        if ($start === null) {
            return null;
        }
        $setting = $adjusters->middle();
        foreach ($adjusters->all() as $adjuster) {
            $step = match ($adjuster->role) {
                Role::Tension => $adjuster->range->nearest($adjuster->meant($start)),
                Role::Tilt => $this->tilt($adjusters) ?? $setting->step($adjuster->key),
                Role::HeadHeight => $setting->step($adjuster->key),
            };
            $setting = $setting->with($adjuster->key, $step);
        }

        return $setting;
    }
}
