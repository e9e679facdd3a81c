<?php

declare(strict_types=1);

namespace App\UseCases\Day;

use App\Models\StationMark;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Experience\ShopExperience;
use Yoke\Job\Record\UsualRig;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\ExpectedHookUps;
use Yoke\Workshop\Day\ForeseenTime;
use Yoke\Workshop\Procedure\Station;

/** How long a job still takes: its stations that are open and the hook-ups to come, at the shop's own pace. */
final readonly class TimeToGo
{
    /** Where nothing is known of a hitch: its first hook-up. */
    private const UNKNOWN_CHANCE = 0.4;

    public function __construct(private ShopExperience $experience)
    {
    }

    /** None for a job that was handed over. */
    public function of(AnalysedJob $job): ForeseenTime
    {
        $left = $this->left($job);

        return ForeseenTime::of(
            $left,
            $left === [] ? null : self::hookUps($job),
            $job->adjusters?->stepMinutes() ?? UsualRig::STEP_MINUTES,
            $this->experience->pace((string) $job->described->sheets->family()?->key()),
        );
    }

    /** @return list<Station> that are not closed */
    private function left(AnalysedJob $job): array
    {
        $marks = $job->job->loadMissing('marks')->marks;
        $closed = array_map(static fn (StationMark $mark): Station => $mark->station, $marks->all());

        return $job->job->handed_over_at !== null
            ? []
            : array_values(
                array_filter(
                    Station::along($job->described->sheets->family()),
                    static fn (Station $station): bool => ! in_array($station, $closed, true),
                ),
            );
    }

    /** Still to come; null where there are none. */
    private static function hookUps(AnalysedJob $job): ?ExpectedHookUps
    {
        if ($job->described->sheets->isPlainBall()) {
            return null;
        }
        $advised = $job->recommendation();

        return match (true) {
            $advised === null => ExpectedHookUps::from(self::UNKNOWN_CHANCE),
            $advised->action === Action::Stop => null,
            default => ExpectedHookUps::from($advised->forecast->chance),
        };
    }
}
