<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Practice\Exception\NoExercise;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Suspension;

/** Draws the exercise of a code: the same for everybody, and always one that can be solved. */
final readonly class ExerciseSampler
{
    /** Rigs drawn for one code until one can be solved. */
    private const TRIES = 80;

    /** No parameter is drawn farther off than this many deviations. */
    private const FARTHEST = 1.6;

    private const FRICTION_KG = ['coil' => [15.0, 40.0], 'leaf' => [40.0, 110.0]];

    private const USUAL_SHARE = 0.75;

    /** Bars that look straight at the setting that they come with: so far from touching, mm. */
    private const SLACK_MM = [8.0, 25.0];

    private const TOO_MUCH = [1.06, 1.3];

    /** A ball that is too low: by two holes of the head, mm. */
    private const LOW_MM = [48.0, 62.0];

    /** A tape stands so far before the edge, mm. */
    private const GAP_MM = [4.0, 8.0];

    public function __construct(private PriorDoubts $doubts)
    {
    }

    /** @return list<Fault> what is wrong in the exercise of a code; of an own rig by what its hitch can have */
    public static function faultsOf(ExerciseCode $code, ?PracticeRig $own = null): array
    {
        $random = Noise::at($code->level->value, $code->seed);
        $left = array_values(
            array_filter(
                Fault::at($code->level),
                static fn (Fault $fault): bool => $own === null ||
                    ! $fault->needsChains() ||
                    $own->told->sheets->family()?->facts()->takeUp->isChain() === true,
            ),
        );
        $faults = [];
        while (count($faults) < $code->level->faults() && $left !== []) {
            $fault = $left[(int) $random->between(0, count($left))];
            $faults[] = $fault;
            $left = array_values(array_filter($left, static fn (Fault $other): bool => $fault->goesWith($other)));
        }

        return $faults;
    }

    /**
     * @param  PracticeRig|null  $own  a rig of the garage, of the level that is drawn around one
     *
     * @throws NoExercise when the rig's hitch has nothing to set, or no setting in range was found
     */
    public function draw(ExerciseCode $code, ?PracticeRig $own = null): Exercise
    {
        $faults = self::faultsOf($code, $own);
        for ($try = 0; $try < self::TRIES; $try++) {
            $exercise = $this->tried($code, $faults, Noise::at($code->level->value, $code->seed, $try), $own);
            if (self::isSound($exercise)) {
                return $exercise;
            }
        }

        throw NoExercise::insoluble();
    }

    /** @param  list<Fault>  $faults */
    private function tried(ExerciseCode $code, array $faults, RandomSource $random, ?PracticeRig $own): Exercise
    {
        $sheets = $own === null ? (new SheetSampler($random, $this->doubts))->draw($code->level, $faults) : null;
        $told = $own ?? ($sheets?->silent() ?? throw NoExercise::nothingToSet());
        $adjusters = $told->told->sheets->adjusters() ?? throw NoExercise::nothingToSet();
        $reference = $adjusters->middle();
        $prior = $told->told->prior();
        $at = array_map(
            static fn (int $parameter): float => max(-self::FARTHEST, min(self::FARTHEST, $random->normal(1.0))),
            array_keys(array_fill(0, $prior->count(), 0)),
        );
        $truth = $prior->rigAt($at, 0.0);
        if ($sheets !== null) {
            $ball = self::levelBall($truth) + $random->between(-5.0, 8.0);
            $told = $sheets->withBall($ball + $random->normal($this->doubts->ballOverCouplerTapedMm));
            $truth = self::withBall($truth, $ball - $this->low($code->level, $faults, $random));
        }
        $springs = [
            'front' => $told->rig->vehicle->suspension(Axle::Front),
            'rear' => $told->rig->vehicle->suspension(Axle::Rear),
        ];
        $hidden = new HiddenRig(
            $truth,
            $this->tension($faults, $truth, $prior->tensionAt($at), $random),
            $adjusters,
            $reference,
            ['front' => $random->between(780.0, 960.0), 'rear' => $random->between(800.0, 990.0)],
            $this->axleLoads($truth, $random),
            array_map(
                static fn (Suspension $spring): float => $code->level->friction() *
                    $random->between(...self::FRICTION_KG[$spring->value]),
                $springs,
            ),
            $springs,
        );

        return new Exercise(
            $code,
            $told,
            $adjusters,
            $reference,
            HitchPlace::of($reference),
            $hidden,
            $faults,
            $random->between(...self::GAP_MM),
            Length::ofMillimetres(self::levelBall($truth)),
        );
    }

    /**
     * How much too low the ball stands, mm: a hole or two, or a whole turn of the shank on a rig taken over.
     *
     * @param  list<Fault>  $faults
     */
    private function low(Level $level, array $faults, RandomSource $random): float
    {
        return match (true) {
            ! in_array(Fault::BallTooLow, $faults, true) => 0.0,
            $level === Level::TakenOver => HiddenRig::SHANK_MM + $random->between(-8.0, 8.0),
            default => $random->between(...self::LOW_MM),
        };
    }

    /**
     * Of the reference setting, mm.
     *
     * @param  list<Fault>  $faults
     */
    private function tension(array $faults, CoupledRig $truth, float $drawn, RandomSource $random): float
    {
        return match (true) {
            in_array(Fault::BarsStraight, $faults, true) => $truth->tensionFor(0.0) -
                $random->between(...self::SLACK_MM),
            in_array(Fault::OverRestored, $faults, true) => $truth->tensionFor($random->between(...self::TOO_MUCH)),
            default => $drawn,
        };
    }

    /**
     * @return array{front: float, rear: float} of the vehicle alone, kg: heavy enough for what coupling takes off its
     *     front
     */
    private function axleLoads(CoupledRig $truth, RandomSource $random): array
    {
        $lost = -$truth->dropped()->frontLoad()->kilograms();
        $front = round((max(650.0, 5.0 * $lost) * $random->between(1.0, 1.3)) / 10.0) * 10.0;

        return ['front' => $front, 'rear' => round(($front * $random->between(0.7, 0.95)) / 10.0) * 10.0];
    }

    /** The unloaded ball over the level coupler that lets the trailer end level, mm. */
    private static function levelBall(CoupledRig $rig): float
    {
        $ball = 0.0;
        for ($step = 0; $step < 4; $step++) {
            [$here, $higher] = [
                self::pitch(self::withBall($rig, $ball)),
                self::pitch(self::withBall($rig, $ball + 10.0)),
            ];
            $ball -= (10.0 * $here) / ($higher - $here);
        }

        return $ball;
    }

    private static function pitch(CoupledRig $rig): float
    {
        return $rig->carried($rig->tensionFor(self::USUAL_SHARE))->trailerPitchAngle()->degrees();
    }

    private static function withBall(CoupledRig $rig, float $ball): CoupledRig
    {
        $bars = $rig->bars();

        return new CoupledRig($rig->vehicle(), $rig->trailer(), new Bars($bars->count, $bars->rate, $bars->arm, $ball));
    }

    /** Whether a setting in range can be reached once all is put right, and what is wrong is really wrong. */
    private static function isSound(Exercise $exercise): bool
    {
        $start = $exercise->hidden->share($exercise->start, $exercise->faults);
        $isToo = in_array(Fault::OverRestored, $exercise->faults, true) ? $start > 1.02 : $start < 1.6;

        return $isToo &&
            (! in_array(Fault::BarsStraight, $exercise->faults, true) || $start < 0.02) &&
            (new Solution($exercise))->best() !== null;
    }
}
