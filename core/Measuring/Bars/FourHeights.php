<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;

/**
 * The tension of a setting from four heights, taped before anything is coupled: vehicle alone, head bolted on, one bar
 * hanging free in its socket; trailer level on its jack (docs/model.md, Tension from four heights).
 */
final readonly class FourHeights
{
    /** Nothing of a hitch stands higher over the ground. */
    private const HIGHEST_MM = 1500.0;

    /** So far apart, a ball and a seat that are to be coupled are not believed. */
    private const APART_MM = 150.0;

    /** Tensions that a setting can have at all: more is a slip. */
    private const TENSION_MM = [-150.0, 200.0];

    private function __construct(
        /** Ground to the top of the ball; as the others above 0. */
        private Length $ball,
        /** Ground to the bar's hook-up point, as it hangs by its own weight. */
        private Length $bar,
        /** Ground to the top of the coupler's seat. */
        private Length $seat,
        /** Ground to where the take-up holds the bar at the setting. */
        private Length $rest,
        /** The bar lifted to the end of its play; null where nobody lifted it. */
        private ?Length $barLifted,
    ) {
    }

    /**
     * @param  Length  $rest  of chains the hook that they hang on
     * @param  Length|null  $freeChain  between that hook and the bar at the setting; null where no chain hangs between
     *
     * @throws ImpossibleHeights
     */
    public static function of(
        Length $ball,
        Length $bar,
        Length $seat,
        Length $rest,
        ?Length $freeChain = null,
        ?Length $barLifted = null,
    ): self {
        $typed = ['ball' => $ball, 'bar' => $bar, 'seat' => $seat, 'rest' => $rest, 'lifted' => $barLifted];
        foreach ($typed as $field => $height) {
            if (
                $height !== null &&
                ($height->millimetres() <= 0.0 || $height->millimetres() > self::HIGHEST_MM)
            ) {
                throw ImpossibleHeights::height($field);
            }
        }
        if (
            $freeChain !== null &&
            ($freeChain->millimetres() < 0.0 || $freeChain->millimetres() >= $rest->millimetres())
        ) {
            throw ImpossibleHeights::chain();
        }
        if ($barLifted?->isLessThan($bar) === true) {
            throw ImpossibleHeights::lifted();
        }

        return new self($ball, $bar, $seat, $freeChain === null ? $rest : $rest->minus($freeChain), $barLifted);
    }

    /**
     * How far the setting would bend the bars with vehicle and trailer at their datum, mm. Half the bar's play is
     * doubt.
     *
     * @param  float  $doubt  of four tapes and the socket, one deviation, mm
     */
    public function tension(float $doubt): Normal
    {
        $play = $this->barLifted === null ? 0.0 : $this->barLifted->minus($this->bar)->millimetres();
        $bar = $this->bar->millimetres() + $play / 2;

        return Normal::of(
            $this->rest->minus($this->seat)->millimetres() - ($bar - $this->ball->millimetres()),
            hypot($doubt, $play / 2),
        );
    }

    /** The unloaded ball over the level coupler. */
    public function ballOverCoupler(): Length
    {
        return $this->ball->minus($this->seat);
    }

    /** How much higher the rest stands at the trailer than the bar hangs at the vehicle; lower is below 0. */
    public function restOverBar(): Length
    {
        return $this->rest->minus($this->bar);
    }

    public function ball(): Length
    {
        return $this->ball;
    }

    public function seat(): Length
    {
        return $this->seat;
    }

    /** @return list<HeightsCaution> what does not fit together */
    public function cautions(): array
    {
        [$least, $most] = self::TENSION_MM;
        $tension = $this->tension(0.0)->mean();

        return array_values(
            array_filter([
                abs($this->ballOverCoupler()->millimetres()) > self::APART_MM ? HeightsCaution::BallFarFromSeat : null,
                $this->bar->isGreaterThan($this->ball) ? HeightsCaution::BarOverBall : null,
                $tension < $least ? HeightsCaution::FarTooSlack : null,
                $tension > $most ? HeightsCaution::FarTooTight : null,
            ]),
        );
    }
}
