<?php

declare(strict_types=1);

namespace App\Interchange;

use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Day\TimeToGo;
use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Measuring\Readings\Height\Caution;
use Yoke\Measuring\Readings\Height\Plausibility;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;

/**
 * What a job's readings tell, as its file and the HTTP interface say it: shares and chances 0 to 1, mm, kg, minutes.
 * Never taken in again.
 */
final readonly class AnalysisResource
{
    public function __construct(private TimeToGo $toGo)
    {
    }

    /** @return array<string, mixed> */
    public function of(AnalysedJob $job): array
    {
        $analysis = $job->analysis();
        $verdict = $job->verdict();

        return [
            'method' => $job->goal->criterion->value,
            'verdict' => $verdict?->verdict->value,
            'front_restored' => $verdict === null ? null : self::pair($verdict->share),
            'after_levelling' => $verdict === null || $job->goal->levelling === null
                    ? null
                    : self::pair($verdict->shareOnTheRoad()),
            'chances' => $verdict === null
                    ? null
                    : [
                        'too_little' => $verdict->chances->tooLittle,
                        'in_range' => $verdict->chances->inRange,
                        'too_much' => $verdict->chances->tooMuch,
                    ],
            'next' => $job->progress()->next()->deed->value,
            'move' => $this->move($job),
            'minutes_to_go' => $this->minutes($job),
            'gross_kg' => $job->posterior()->gross()->kilograms(),
            'tongue_weight_kg' => self::pair($job->posterior()->tongueWeight()),
            'ratings' => array_map(self::rated(...), $job->ledger()),
            'suspects' => array_map(self::suspect(...), $analysis->suspects()),
            'cautions' => self::cautions($job->taped->stances()),
        ];
    }

    /** @return array<string, mixed> */
    private function move(AnalysedJob $job): array
    {
        $recommendation = $job->recommendation();
        $tension = $job->analysis()->tension();

        return $recommendation === null
            ? [
                'do' => 'tension',
                'direction' => $tension->direction->value,
                'front_mm' => in_array(Axle::Front, $job->taped->axles(), true) ? $tension->target->mean() : null,
            ]
            : [
                'do' => $recommendation->action->value,
                'look' => $recommendation->look?->value,
                'how' => $recommendation->look === null ? null : $recommendation->way->value,
                'setting' => $recommendation->forecast->setting->told(),
                'chance' => $recommendation->forecast->chance,
                'reason' => $recommendation->reason->value,
                'next' => $recommendation->next() === null
                        ? null
                        : [
                            'setting' => $recommendation->next()->setting->told(),
                            'chance' => $recommendation->next()->chance,
                        ],
                'expect' => self::expected($job, $recommendation),
            ];
    }

    /**
     * @return array<string, array{value: float, sd: float}>|null mm, of the fenders that were taped; null while none
     *     was
     */
    private static function expected(AnalysedJob $job, Recommendation $recommendation): ?array
    {
        $setting = ($recommendation->next() ?? $recommendation->forecast)->setting;

        return array_map(self::pair(...), $job->expectedHeights($setting)) ?: null;
    }

    /** @return array{mean: float, least: float, most: float}|null of a job that is not handed over */
    private function minutes(AnalysedJob $job): ?array
    {
        $time = $this->toGo->of($job);

        return $job->job->handed_over_at === null
            ? ['mean' => $time->mean, 'least' => $time->least, 'most' => $time->most]
            : null;
    }

    /** @return array{part: string, carries_kg: float, may_kg: float|null, state: string, weighed: bool} */
    private static function rated(RatedLoad $line): array
    {
        return [
            'part' => $line->key(),
            'carries_kg' => $line->carries->kilograms(),
            'may_kg' => $line->may?->kilograms(),
            'state' => $line->state()->value,
            'weighed' => $line->isWeighed(),
        ];
    }

    /** @return list<array{stance: string, fender: string, what: string}> heights that statics make hard to believe */
    public static function cautions(StanceHeights $heights): array
    {
        return array_map(
            static fn (Caution $one): array => [
                'stance' => $one->stance->value,
                'fender' => $one->axle->value,
                'what' => $one->kind->value,
            ],
            (new Plausibility())->cautions($heights),
        );
    }

    /** @return array{reading: string, error: string, chance: float} */
    private static function suspect(Suspect $suspect): array
    {
        return [
            'reading' => $suspect->observation()->identity->key ??
                ($suspect->hookUp > 0 ? "setting {$suspect->hookUp}" : 'tongue_weight'),
            'error' => $suspect->error->value,
            'chance' => $suspect->chance,
        ];
    }

    /** @return array{value: float, sd: float} */
    private static function pair(Normal $value): array
    {
        return ['value' => $value->mean(), 'sd' => $value->deviation()];
    }
}
