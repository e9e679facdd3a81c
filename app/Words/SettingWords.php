<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Planning\DescribedRig;

/** A setting in its family's words, as this shop counts: `link 4, 3 washers`. */
final readonly class SettingWords
{
    public function __construct(private DescribedRig $described)
    {
    }

    /** The head is said only where it stands elsewhere than in another setting. */
    public function of(Setting $setting, ?Setting $before = null): string
    {
        $said = [];
        foreach ($this->adjusters() as $adjuster) {
            $step = $setting->step($adjuster->key);
            if ($adjuster->role !== Role::HeadHeight || ($before !== null && abs($step - $before->step($adjuster->key)) > 1e-9)) {
                $said[] = $this->step($adjuster, $step);
            }
        }

        return implode(', ', $said);
    }

    /** What to do to get from one setting to another: `one link more`, `raise the head 1 hole`. */
    public function change(Setting $from, Setting $to): string
    {
        $words = $this->described->family()?->wording();
        $said = [];
        foreach ($this->adjusters() as $adjuster) {
            $more = $to->step($adjuster->key) - $from->step($adjuster->key);
            if ($words !== null && abs($more) > 1e-9) {
                $count = $words->count($adjuster->key, $more);
                $said[] = $adjuster->role === Role::HeadHeight
                    ? ($more > 0 ? "raise the head {$count}" : "lower the head {$count}")
                    : $count.($more > 0 ? ' tighter' : ' looser');
            }
        }

        return implode(', ', $said);
    }

    public function step(Adjuster $adjuster, float $step): string
    {
        $words = $this->described->family()?->wording();
        $said = $adjuster->said($step);

        return match (true) {
            $words === null => '',
            $adjuster->role === Role::Tilt => $words->count($adjuster->key, $said),
            $adjuster->role === Role::HeadHeight => sprintf('head hole %g', $said + 1),
            default => sprintf('%s %g', $words->steps[$adjuster->key][0], $said),
        };
    }

    /** `half a link`, `2 links`. */
    public function count(string $adjuster, float $steps): string
    {
        return $this->described->family()?->wording()->count($adjuster, $steps) ?? '';
    }

    /** One of its steps: `washer`. */
    public function one(string $adjuster): string
    {
        return $this->described->family()?->wording()->steps[$adjuster][0] ?? '';
    }

    /** What its steps are called: `washers`. */
    public function many(Adjuster $adjuster): string
    {
        return $this->described->family()?->wording()->steps[$adjuster->key][1] ?? '';
    }

    /** @return list<Adjuster> */
    public function adjusters(): array
    {
        return $this->described->adjusters()?->all() ?? [];
    }
}
