<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Readings\Height\FrictionSize;
use Yoke\Measuring\Readings\Height\SpringSide;
use Yoke\Measuring\Readings\Height\TapedHeight;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Rig\Parts\Axle;

/**
 * Whatever was read at a rig as the fit takes it: one home for what each instrument observes and how far it is trusted.
 */
final readonly class ObservationMapper
{
    private const LEAST_LOAD_DOUBT_KG = 1.0;

    /** How far two marks on a frame stand apart is not asked: as far as ball and axles, give or take this share. */
    private const FRAME_APART = 0.35;

    /** A trailer's frame is not as straight as the tape is: one deviation, mm. */
    private const FRAME_MM = 6.0;

    /** What a platform tells, by the axles that stood on it. */
    private const PLATFORMS = [
        'front' => Observed::FrontLoad,
        'rear' => Observed::RearLoad,
        'trailer' => Observed::TrailerLoad,
        'front rear' => Observed::VehicleLoad,
        'rear trailer' => Observed::RearAndTrailerLoad,
    ];

    /**
     * @param  float  $ballToAxle  mm
     * @param  float|null  $couplerLevel  coupler height with the trailer level, mm; null where nobody taped it
     * @param  float|null  $hang  what chain or bracket leaves free at the reference setting, mm; null where nobody
     *     taped it
     * @param  float  $usualHang  what it is taken as then
     */
    public function __construct(
        private PriorDoubts $doubts,
        private float $ballToAxle,
        private ?float $couplerLevel = null,
        private ?float $hang = null,
        private float $usualHang = 0.0,
    ) {
    }

    /**
     * Fender heights: the tape's error and a part of the friction are each one's own, the rest all readings of its
     * stance
     * share, and that leans to the side on which the springs stick. How much they stick is learned from repeats.
     *
     * @param  list<TapedHeight>  $heights
     * @return list<Observation>
     */
    public function heights(array $heights): array
    {
        $size = FrictionSize::learned($heights, $this->doubts->frictionKept);

        return array_map(
            fn (TapedHeight $height): Observation => $this->height($height, $size->factor($height->axle)),
            $heights,
        );
    }

    private function height(TapedHeight $height, float $factor): Observation
    {
        $friction = $factor * $height->reading->friction()->millimetres();
        $kept = $this->doubts->frictionKept;

        return new Observation(
            $height->context,
            Observed::heightOf($height->axle),
            $height->reading->height()->millimetres(),
            hypot($height->reading->tape()->millimetres(), sqrt(1.0 - $kept ** 2) * $friction),
            $height->identity,
            $kept * $friction,
            SpringSide::of($height->context->stance, $height->axle, $height->setBy) *
                $this->doubts->frictionSide *
                $friction,
        );
    }

    /**
     * @return list<Observation> of every platform that tells something; a display in whole steps is no closer than its
     *     step
     */
    public function ticket(ReadingContext $context, Ticket $ticket, string $key, int $hookUp = 1): array
    {
        $deviation = $ticket->deviationKilograms($this->doubts->weighbridgeKg);
        $observations = [];
        foreach ($ticket->platforms as $platform) {
            $observed = self::PLATFORMS[implode(' ', $platform->names())] ?? null;
            if ($observed !== null) {
                $observations[] = new Observation(
                    $context,
                    $observed,
                    $platform->load->kilograms(),
                    $deviation,
                    ReadingIdentity::load("{$key} {$observed->name}", $hookUp, $key, $ticket->unit),
                );
            }
        }

        return $observations;
    }

    /** An axle, or a platform, whose load was typed by itself. */
    public function axleLoad(
        ReadingContext $context,
        Observed $observed,
        float $kilograms,
        string $key,
        int $hookUp = 1,
        LoadUnit $unit = LoadUnit::Kilogram,
    ): Observation {
        return new Observation(
            $context,
            $observed,
            $kilograms,
            $this->doubts->weighbridgeKg,
            ReadingIdentity::load($key, $hookUp, "{$context->stance->value} {$hookUp}", $unit),
        );
    }

    /**
     * Between ball and coupler, by the gauge in the head: its common error is a parameter of the fit, this is what
     * differs each time.
     */
    public function ballLoad(
        ReadingContext $context,
        float $kilograms,
        string $key,
        int $hookUp = 1,
        LoadUnit $unit = LoadUnit::Kilogram,
    ): Observation {
        return new Observation(
            $context,
            Observed::BallLoad,
            $kilograms,
            max(self::LEAST_LOAD_DOUBT_KG, $this->doubts->ballLoadAgain * abs($kilograms)),
            ReadingIdentity::load($key, $hookUp, '', $unit),
        );
    }

    /** @param  float  $height  ground to the top of the ball's seat, mm */
    public function coupler(
        ReadingContext $context,
        float $height,
        string $key,
        int $hookUp = 1,
        LengthUnit $unit = LengthUnit::Millimetre,
    ): Observation {
        return new Observation(
            $context,
            Observed::CouplerRise,
            $height - ($this->couplerLevel ?? 0.0),
            $this->doubts->couplerMm,
            ReadingIdentity::height($key, $hookUp, $unit),
        );
    }

    /**
     * A vehicle's own angle against what it reads alone: both by the same level at the same place.
     *
     * @param  float  $degrees  nose-up above 0
     * @param  float  $alone  the same level's reading alone
     * @param  float  $wheelbase  mm
     */
    public function vehicleAngle(
        ReadingContext $context,
        float $degrees,
        float $alone,
        float $wheelbase,
        string $key,
        int $hookUp = 1,
    ): Observation {
        return new Observation(
            $context,
            Observed::VehicleRise,
            (tan(deg2rad($degrees)) - tan(deg2rad($alone))) * $wheelbase,
            M_SQRT2 * deg2rad($this->doubts->angleDegrees) * $wheelbase,
            ReadingIdentity::height($key, $hookUp),
        );
    }

    /** @param  float  $degrees  nose-up positive */
    public function trailerAngle(ReadingContext $context, float $degrees, string $key, int $hookUp = 1): Observation
    {
        return new Observation(
            $context,
            Observed::NoseRise,
            tan(deg2rad($degrees)) * $this->ballToAxle,
            deg2rad($this->doubts->angleDegrees) * $this->ballToAxle,
            ReadingIdentity::height($key, $hookUp),
        );
    }

    /**
     * Two heights of a trailer's frame, which say which end is up.
     *
     * @param  float  $difference  how much higher the frame stands in front than at the rear, mm
     */
    public function frameEnds(
        ReadingContext $context,
        float $difference,
        string $key,
        int $hookUp = 1,
        LengthUnit $unit = LengthUnit::Millimetre,
    ): Observation {
        return new Observation(
            $context,
            Observed::NoseRise,
            $difference,
            hypot(self::FRAME_MM, self::FRAME_APART * $difference),
            ReadingIdentity::height($key, $hookUp, $unit),
        );
    }

    /** How well a gap tells the tension of the bars, one deviation, mm: less where nobody knows how they hang. */
    public function tensionDoubtByGap(): float
    {
        return $this->hang === null
            ? hypot($this->doubts->tensionTapedMm, $this->doubts->hangAssumedMm)
            : $this->doubts->tensionTapedMm;
    }

    /** @param  float  $gap  frame to bar at the hook-up point, bars in but not hooked, mm */
    public function barGap(
        ReadingContext $context,
        float $gap,
        string $key,
        int $hookUp = 1,
        LengthUnit $unit = LengthUnit::Millimetre,
    ): Observation {
        return new Observation(
            $context,
            Observed::BarBend,
            $gap - ($this->hang ?? $this->usualHang),
            $this->tensionDoubtByGap(),
            ReadingIdentity::height($key, $hookUp, $unit),
        );
    }

    /**
     * What somebody judged by eye.
     *
     * @param  float  $wheelbase  mm
     */
    public function seen(
        ReadingContext $context,
        Seen $seen,
        float $wheelbase,
        string $key,
        int $hookUp = 1,
    ): Observation {
        $observed = Sight::of($seen)->observed();
        $reading = $seen->reading();
        $perUnit = match (true) {
            $observed === Observed::NoseSeen => deg2rad($this->ballToAxle),
            Sight::of($seen) === Sight::Headlights => deg2rad($wheelbase),
            default => 1.0,
        };

        return new Observation(
            $context,
            $observed,
            $reading->mean() * $perUnit,
            $reading->deviation() * $perUnit,
            ReadingIdentity::height($key, $hookUp),
        );
    }

    /** Level, as scales and levers tell it together. */
    public function tongueWeight(Normal $level, string $key, LoadUnit $unit = LoadUnit::Kilogram): Observation
    {
        return new Observation(
            ReadingContext::dropped(),
            Observed::TongueWeight,
            $level->mean(),
            $level->deviation(),
            ReadingIdentity::load($key, 1, '', $unit),
        );
    }
}
