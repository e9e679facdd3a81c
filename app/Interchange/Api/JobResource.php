<?php

declare(strict_types=1);

namespace App\Interchange\Api;

use App\Models\Job;
use App\Models\Measure;
use App\Models\Reading;
use App\Models\Round;
use App\Models\TongueWeighing;
use App\Models\WeighTicket;
use App\UseCases\Analysis\AnalysedJob;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/** A job as the HTTP interface hands it out: mm, kg and shares of 1. */
final readonly class JobResource
{
    /** @return array<string, mixed> in a list */
    public static function short(Job $job): array
    {
        return [
            'id' => $job->id,
            'mark' => $job->mark,
            'title' => $job->title,
            'booked_on' => $job->booked_on->toDateString(),
            'handed_over_at' => $job->handed_over_at?->toIso8601String(),
            'rig_id' => $job->rig_id,
        ];
    }

    /**
     * @param  array<string, mixed>  $tells  what its readings tell, as its file says it
     * @return array<string, mixed>
     */
    public static function whole(AnalysedJob $analysed, array $tells): array
    {
        $job = $analysed->job;
        $verdict = $analysed->verdict();
        $advised = $analysed->recommendation();

        return [
            ...self::short($job),
            'vehicle' => $analysed->worked->vehicleName(),
            'trailer' => $analysed->worked->trailerName(),
            'hitch' => $analysed->worked->hitchName(),
            'family' => $analysed->described->sheets->family()?->key(),
            'setting' => self::setting($analysed->current()?->setting),
            'readings' => array_values(
                $job->liveReadings
                    ->filter(static fn (Reading $reading): bool => $reading->height_mm !== null)
                    ->map(
                        static fn (Reading $reading): array => [
                            'id' => $reading->id,
                            'stance' => $reading->stance->value,
                            'axle' => $reading->axle->value,
                            'side' => $reading->side->value,
                            'round' => $reading->round,
                            'height_mm' => (float) $reading->height_mm,
                            'typed' => $reading->typed,
                            'settling' => $reading->settling->value,
                            'taken_at' => $reading->taken_at->toIso8601String(),
                        ],
                    )
                    ->all(),
            ),
            'hook_ups' => self::hookUps($job),
            'measures' => self::measures($job),
            'tickets' => array_values(
                $job->tickets
                    ->whereNull('withdrawn_at')
                    ->map(
                        static fn (WeighTicket $ticket): array => [
                            'id' => $ticket->id,
                            'stance' => $ticket->stance->value,
                            'round' => $ticket->round,
                            'typed' => $ticket->typed,
                            'platforms' => $ticket->platforms,
                            'conditions' => $ticket->conditions ?? [],
                            'weighed_at' => $ticket->weighed_at->toIso8601String(),
                        ],
                    )
                    ->all(),
            ),
            'tongue_weights' => array_values(
                $job->tongueReadings
                    ->whereNull('withdrawn_at')
                    ->map(
                        static fn (TongueWeighing $weighing): array => [
                            'id' => $weighing->id,
                            'way' => $weighing->way->value,
                            'read_kg' => $weighing->read_kg,
                            'hitch_height_mm' => $weighing->hitch_height_mm,
                            'behind_ball_mm' => $weighing->behind_ball_mm,
                            'read_at' => $weighing->read_at->toIso8601String(),
                        ],
                    )
                    ->all(),
            ),
            'verdict' => $verdict === null
                    ? null
                    : [
                        'verdict' => $verdict->verdict->value,
                        'restored' => $verdict->share->mean(),
                        'doubt' => $verdict->share->deviation(),
                    ],
            'next' => $advised === null ? null : self::next($advised),
            'analysis' => $tells,
        ];
    }

    /** @return array<string, mixed> */
    private static function next(Recommendation $advised): array
    {
        return [
            'action' => $advised->action->value,
            'look' => $advised->look?->value,
            'how' => $advised->look === null ? null : $advised->way->value,
            'setting' => self::setting($advised->forecast->setting),
            'chance' => $advised->forecast->chance,
        ];
    }

    /** @return list<array<string, mixed>> the rounds of the carried stance, each at its setting */
    private static function hookUps(Job $job): array
    {
        $carried = $job->rounds->filter(static fn (Round $round): bool => $round->stance === Stance::Carried);

        return array_values(
            $carried
                ->map(
                    static fn (Round $round): array => [
                        'round' => $round->number,
                        'setting' => $round->setting,
                        'set_by' => $round->set_by?->value,
                        'counted' => $round->is_counted,
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> the latest of each kind, stance and round: mm, kg or degrees */
    private static function measures(Job $job): array
    {
        $latest = $job->measures->keyBy(
            static fn (
                Measure $measure,
            ): string => "{$measure->stance->value} {$measure->round} {$measure->kind->value}",
        );

        return array_values(
            $latest
                ->filter(static fn (Measure $measure): bool => $measure->value !== null)
                ->map(
                    static fn (Measure $measure): array => [
                        'stance' => $measure->stance->value,
                        'round' => $measure->round,
                        'kind' => $measure->kind->value,
                        'value' => $measure->value,
                        'typed' => $measure->typed,
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, float|null>|null */
    private static function setting(?Setting $setting): ?array
    {
        return $setting?->told();
    }
}
