<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use Yoke\Estimation\Stories\Suspect;
use Yoke\Probability\Normal;

/** What a job's readings told when its file was written: for whoever reads the file, never taken in again. */
final class AnalysisSummary
{
    /** @return array<string, mixed> shares and chances 0 to 1, heights in mm */
    public static function of(AnalysedJob $job): array
    {
        $analysis = $job->analysis();
        $verdict = $analysis->verdict();
        $recommendation = $job->recommendation();
        $tension = $analysis->tension();

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
            'move' => $recommendation === null
                    ? [
                        'do' => 'tension',
                        'direction' => $tension->direction->value,
                        'front_mm' => $tension->target->mean(),
                    ]
                    : [
                        'do' => $recommendation->action->value,
                        'setting' => $recommendation->forecast->setting->steps(),
                        'chance' => $recommendation->forecast->chance,
                        'reason' => $recommendation->reason->value,
                    ],
            'suspects' => array_map(
                static fn (Suspect $suspect): array => [
                    'reading' => $suspect->observation()->identity->key ??
                        ($suspect->hookUp > 0 ? "setting {$suspect->hookUp}" : 'tongue_weight'),
                    'error' => $suspect->error->value,
                    'chance' => $suspect->chance,
                ],
                $analysis->suspects(),
            ),
        ];
    }

    /** @return array{value: float, sd: float} */
    private static function pair(Normal $value): array
    {
        return ['value' => $value->mean(), 'sd' => $value->deviation()];
    }
}
