<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Record\HeightTaken;
use Yoke\Job\Record\HistoryMapper;
use Yoke\Job\Record\HookUpRecord;
use Yoke\Job\Record\MeasureTaken;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\SettingOffsets;
use Yoke\Job\Record\TongueTaken;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Proving\Practice\Exercise\HiddenRig;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Reading\TakenWeight;
use Yoke\Rig\Parts\Stance;

/** What a learner's readings tell, as they would of a real job: nothing of the hidden truth goes into it. */
final readonly class Belief
{
    /** A scale under the tongue, a share of what it shows. */
    private const SCALE = 0.02;

    private const OBSERVED = [
        'front' => Observed::FrontLoad,
        'rear' => Observed::RearLoad,
        'trailer' => Observed::TrailerLoad,
        'ball' => Observed::BallLoad,
    ];

    private SpecifiedRig $told;

    private HistoryMapper $readings;

    public function __construct(private Run $run)
    {
        $exercise = $run->exercise;
        $this->told = $exercise->told($run->situation()->hitch);
        $known = $this->told->prior()->known();
        $this->readings = new HistoryMapper(
            $this->history(),
            $this->told->inPlace()->mapper($exercise->reference),
            new SettingOffsets($exercise->adjusters, $exercise->reference, $known->barArm),
            $known->wheelbase,
        );
    }

    /** The head stays where it was bolted: that is for whoever looks at the ball. */
    public function analysis(): JobAnalysis
    {
        $settings = $this->told
            ->settings($this->run->exercise->reference)
            ?->headAsIn($this->run->situation()->hitch->setting);

        return new JobAnalysis(
            $this->told->prior(),
            $this->readings->observations(),
            $this->run->exercise->goal(),
            ShopRules::usual()->stopping,
            $settings,
            $this->current(),
        );
    }

    /** @return list<Observation> of what still counts */
    public function observations(): array
    {
        return $this->readings->observations();
    }

    /** The hook-up that was read last; null before anything was. */
    public function current(): ?CurrentSetting
    {
        return $this->readings->current();
    }

    private function history(): ReadingHistory
    {
        [$heights, $weights] = [$this->heights(), $this->weights()];
        $rounds = $this->rounds($heights, $weights);
        [$records, $taken, $measures, $tongue] = [[], [], [], []];
        foreach ($heights as $i => $height) {
            $round =
                $height->stance === Stance::Carried
                    ? $rounds[self::sitting($height->hookUp, $height->standing)]
                    : $height->standing;
            $records[] = $this->record($height->stance, $round, $height->hookUp, $height->hitch);
            $spring = $this->run->exercise->hidden->springs[$height->axle->value];
            $reading = ShopRules::usual()->heights->reading(
                Length::ofMillimetres($height->read),
                $spring,
                $height->isRolled ? Settling::Rolled : Settling::NotRolled,
            );
            $taken[] = new HeightTaken(
                $height->stance,
                $round,
                $height->axle,
                $reading,
                "height {$i}",
                ballMoved: $this->ballMoved($height->stance, $height->hitch),
            );
        }
        foreach ($weights as $i => $weight) {
            $round = $weight->stance === Stance::Carried ? $this->roundOf($weight->hookUp, $rounds) : 1;
            $records[] = $this->record($weight->stance, $round, $weight->hookUp, $weight->hitch);
            foreach ($weight->kg as $what => $kilograms) {
                if ($what === 'tongue') {
                    $tongue[] = new TongueTaken(Normal::of($kilograms, self::SCALE * $kilograms), "weight {$i}");
                } else {
                    $measures[] = new MeasureTaken(
                        $weight->stance,
                        $round,
                        self::OBSERVED[$what] ?? Observed::TrailerLoad,
                        $kilograms,
                        "weight {$i} {$what}",
                        ballMoved: $this->ballMoved($weight->stance, $weight->hitch),
                    );
                }
            }
        }

        return new ReadingHistory(array_values(array_filter($records)), $taken, $measures, [], $tongue);
    }

    /** @return array<int, TakenHeight> those that still count */
    private function heights(): array
    {
        return array_filter($this->run->heights(), static fn (TakenHeight $height): bool => ! $height->isSpoiled);
    }

    /** @return array<int, TakenWeight> those that still count */
    private function weights(): array
    {
        return array_filter($this->run->weights(), static fn (TakenWeight $weight): bool => ! $weight->isSpoiled);
    }

    /**
     * Carried rounds in the order of the work: a hook-up after the other, in each a coming to stand after the other.
     * What was
     * weighed belongs to the first of its hook-up.
     *
     * @param  array<int, TakenHeight>  $heights
     * @param  array<int, TakenWeight>  $weights
     * @return array<string, int> by hook-up and coming to stand, from 1
     */
    private function rounds(array $heights, array $weights): array
    {
        $sittings = [];
        foreach ($heights as $height) {
            $sittings +=
                $height->stance === Stance::Carried
                    ? [self::sitting($height->hookUp, $height->standing) => $height->hookUp]
                    : [];
        }
        foreach ($weights as $weight) {
            $isAlone = $weight->stance === Stance::Carried && ! in_array($weight->hookUp, $sittings, true);
            $sittings += $isAlone ? [self::sitting($weight->hookUp, 0) => $weight->hookUp] : [];
        }
        ksort($sittings);

        return array_combine(array_keys($sittings), $sittings === [] ? [] : range(1, count($sittings)));
    }

    /** @param  array<string, int>  $rounds */
    private function roundOf(int $hookUp, array $rounds): int
    {
        foreach ($rounds as $sitting => $round) {
            if (str_starts_with($sitting, self::sitting($hookUp, 0, ''))) {
                return $round;
            }
        }

        return 1;
    }

    /** Sorts as the work went. */
    private static function sitting(int $hookUp, int $standing, string $with = '%06d'): string
    {
        return sprintf("%06d {$with}", $hookUp, $standing);
    }

    /** Null of a stance without bars. */
    private function record(Stance $stance, int $round, int $hookUp, HitchPlace $hitch): ?HookUpRecord
    {
        return $stance === Stance::Carried
            ? HookUpRecord::of($round, max(1, $hookUp), $hitch->setting, SetBy::Jack, $this->turned($hitch))->counted()
            : null;
    }

    /** How much higher the ball stood dropped than at the reference setting with the shank as it stands now, mm. */
    private function ballMoved(Stance $stance, HitchPlace $hitch): float
    {
        $exercise = $this->run->exercise;

        return $stance === Stance::Dropped
            ? $exercise->adjusters->ballHeightBetween($exercise->reference, $hitch->setting)->millimetres() +
                $this->turned($hitch)
            : 0.0;
    }

    /** By the shank alone, against how it stands now, mm. */
    private function turned(HitchPlace $hitch): float
    {
        return ((int) $hitch->isTurned - (int) $this->run->situation()->hitch->isTurned) * HiddenRig::SHANK_MM;
    }
}
