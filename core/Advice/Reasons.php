<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Method\Band;
use Yoke\Method\Criterion;

/** Why a move is advised, in a sentence; and where none can be, what would help. */
final readonly class Reasons
{
    public function __construct(private Recommendation $advised, private Band $band, private Criterion $aim = Criterion::FrontRestoration)
    {
    }

    public function because(): string
    {
        $outlook = $this->advised->outlook;
        $present = $this->advised->present;

        return match ($this->advised->move) {
            Action::Set => sprintf('Of all settings it is the likeliest in band for its minutes: about %d %% of the front axle load put back.%s', self::percent($outlook->share->mean()), $present === null ? '' : sprintf(' The present one has %d %%.', self::percent($present->chance))),
            Action::Stop => $outlook->chance >= 0.75 ? 'It is good enough: no other setting is worth the minutes.' : 'No other setting promises more, and reading again tells little: weigh the axles, or leave it and say so.',
            Action::ReadAgain => 'A second reading costs a minute, a new hook-up six or thirty: roll forward and back, and tape both fenders again.',
            Action::Cannot => $this->whyNone(),
        };
    }

    private function whyNone(): string
    {
        $shares = array_map(static fn (SettingForecast $outlook): float => $outlook->share->mean(), $this->advised->ranking);
        $against = array_map(static fn (SettingForecast $outlook): string => $outlook->excluded, $this->advised->ranking);

        return match (true) {
            $this->aim !== Criterion::FrontRestoration && $this->aim !== Criterion::AxleScale => ucfirst($this->aim->inWords()).' is not to be met on this rig with the front at or below its alone load and nothing broken: let front restoration govern, or ask the hitch\'s maker.',
            max($shares) < $this->band->from => sprintf('Even at its tightest this hitch puts back about %d %%: stiffer bars, more tilt or less tongue weight would reach the band.', self::percent(max($shares))),
            min($shares) > $this->band->to => sprintf('Even at its loosest this hitch puts back about %d %%: lighter bars or less tilt would come down to the band.', self::percent(min($shares))),
            in_array('bars past their rating', $against, true) => 'What would reach the band bends the bars past their rating: heavier bars, or less tongue weight.',
            default => 'No setting is sure enough to stay below full return: tape the bars\' bend first, and read alone and dropped again.',
        };
    }

    private static function percent(float $share): int
    {
        return (int) round(100 * $share);
    }
}
