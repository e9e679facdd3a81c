<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Rig\Adjuster\Setting;
use Yoke\Workshop\Procedure\NextDeed;
use Yoke\Workshop\Procedure\NextThing;

/** The one thing to do now, in a sentence. */
final readonly class NextWords
{
    public function __construct(private SettingWords $settings)
    {
    }

    /**
     * @param  Setting|null  $setting  to hook up at, or that is on; null where nobody knows
     * @param  string  $move  the next move in a sentence
     * @param  Setting|null  $on  what was measured last: the head is said where it is to stand elsewhere
     */
    public function of(NextThing $next, ?Setting $setting, string $move, ?Setting $on = null): string
    {
        $isAt = $setting !== null && in_array($next->deed, [NextDeed::HookUp, NextDeed::MeasureCarried], true);

        return Text::of('next.'.$next->deed->value.($isAt ? '_at' : ''), [
            'setting' => $isAt ? $this->settings->of($setting, $on) : '',
            'move' => $move,
        ]);
    }

    /** What leaving it out costs; an empty text where it cannot be left out. */
    public static function cost(NextThing $next): string
    {
        return $next->deed->canBeSkipped() ? Text::of("next.skip.{$next->deed->value}") : '';
    }
}
