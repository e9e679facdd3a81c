<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\Text;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Rig\Parts\Axle;

/** The next move as an answered job says it: what to do, what to expect of it, and why. */
final readonly class FileMove
{
    /** @param  list<Observation>  $observations */
    public function __construct(private JobAnalysis $analysis, private array $observations)
    {
    }

    /** @return array<string, mixed> */
    public function move(Recommendation $recommendation): array
    {
        $forecast = $recommendation->forecast;

        return [
            'do' => $recommendation->action->value,
            ...$recommendation->action === Action::ReadAgain
                ? [
                    'what' => ($recommendation->look ?? Recheck::Carried)->value,
                    'how' => $recommendation->way->value,
                ]
                : [],
            'setting' => $forecast->setting->told(),
            'chance' => $forecast->chance,
            'expect' => $this->expected($forecast),
            'because' => $this->because($recommendation),
        ];
    }

    /** @return array<string, float|null> heights, each with its doubt; null of a fender that nobody taped */
    private function expected(SettingForecast $forecast): array
    {
        $height = fn (Axle $axle): Normal => $this->analysis
            ->posterior()
            ->carriedHeight($axle, $forecast->tensionOffset, $forecast->ballOffset);

        return [
            ...$this->heightsOf($height(Axle::Front), $height(Axle::Rear)),
            'front_restored' => $forecast->share()->mean(),
            'front_restored_sd' => $forecast->share()->deviation(),
        ];
    }

    /** @return array<string, float|null> each with its doubt; null of a fender that nobody taped */
    private function heightsOf(Normal $front, Normal $rear): array
    {
        $heights = [];
        foreach ([[Axle::Front, $front], [Axle::Rear, $rear]] as [$axle, $height]) {
            $isTaped = $this->isTaped($axle);
            $heights["{$axle->value}_mm"] = $isTaped ? $height->mean() : null;
            $heights["{$axle->value}_mm_sd"] = $isTaped ? $height->deviation() : null;
        }

        return $heights;
    }

    private function isTaped(Axle $axle): bool
    {
        foreach ($this->observations as $observation) {
            if ($observation->observed === Observed::heightOf($axle)) {
                return true;
            }
        }

        return false;
    }

    private function because(Recommendation $recommendation): string
    {
        $reach = $recommendation->reach();
        $percent = static fn (float $share): int => (int) round(100 * $share);
        $key = match (true) {
            $recommendation->reason === Reason::NearestAllowed &&
                $this->analysis->goal->criterion->isShare() => 'nearest_allowed_share',
            default => $recommendation->reason->value,
        };

        return Text::of("move.because.{$key}", [
            'share' => $percent(
                match ($recommendation->reason) {
                    Reason::TooWeak => $reach->high,
                    Reason::TooStrong => $reach->low,
                    default => $recommendation->forecast->share()->mean(),
                },
            ),
            'method' => Text::of("method.{$this->analysis->goal->criterion->value}.name"),
        ]);
    }

    /** @return array<string, mixed> */
    public function tension(TensionAdvice $advice): array
    {
        return [
            'do' => 'tension',
            'direction' => $advice->direction->value,
            'expect' => [
                ...$this->heightsOf($advice->target, $advice->rear),
                'front_lowest_mm' => $this->isTaped(Axle::Front) ? $advice->lowest : null,
                'front_highest_mm' => $this->isTaped(Axle::Front) ? $advice->highest : null,
                'front_by_mm' => $advice->toGo,
            ],
            'because' => Text::of('move.because.tension'),
        ];
    }
}
