<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Words\SettingWords;
use App\Words\Text;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Family\TakeUp;
use Yoke\Showing\Drawing\CloseUp\HitchCloseUp;

/** The hitch of a run as it stands: drawn closely, and set step by step. */
final readonly class PracticeSetting
{
    private SettingWords $words;

    public function __construct(private Run $run)
    {
        $this->words = new SettingWords($run->exercise->rig->told->sheets);
    }

    public function closeUp(): HitchCloseUp
    {
        return new HitchCloseUp(
            $this->run->exercise->adjusters,
            $this->run->situation()->hitch->setting,
            $this->run->exercise->rig->told->sheets->family()?->facts()->takeUp ?? TakeUp::StretchedChains,
        );
    }

    public function number(Adjuster $adjuster, float $step): string
    {
        return $this->words->number($adjuster, $step);
    }

    public function caption(): string
    {
        return Text::of($this->run->situation()->isHooked ? 'setting.shown_on' : 'setting.shown_first', [
            'setting' => $this->whole(),
        ]);
    }

    public function whole(): string
    {
        return $this->words->whole($this->run->situation()->hitch->setting);
    }

    /** @return list<array{key: string, label: string, on: float, options: list<array{float, string}>}> */
    public function selects(): array
    {
        return array_map(
            fn (Adjuster $adjuster): array => [
                'key' => $adjuster->key,
                'label' => $this->words->label($adjuster),
                'on' => $this->run->situation()->hitch->setting->step($adjuster->key),
                'options' => array_map(
                    fn (float $step): array => [$step, $this->words->number($adjuster, $step)],
                    $adjuster->range->all(),
                ),
            ],
            $this->run->exercise->adjusters->all(),
        );
    }
}
