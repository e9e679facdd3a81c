<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleReading;
use Yoke\Rig\Parts\TongueWeightSource;

/** One reading of what a tongue weighs, by any instrument, at a coupler height. */
final readonly class TongueReading
{
    private const HEIGHT_MM = [100.0, 1500.0];

    private function __construct(
        public TongueWeightSource $by,
        /** What the instrument showed; above 0. */
        private Load $read,
        /** Of the coupler while it was read; null: at the trailer's level height. */
        public ?Length $height,
        public ?Lever $lever,
        /** How far behind the ball the instrument stood, as under the jack; 0 or more. */
        private Length $behindBall,
        private Length $ballToAxle,
    ) {
    }

    /**
     * @param  Length  $behindBall  0 under the coupler, more under the jack
     *
     * @throws ImpossibleReading
     */
    public static function of(
        TongueWeightSource $by,
        Load $read,
        ?Length $height,
        Length $ballToAxle,
        ?Lever $lever = null,
        ?Length $behindBall = null,
    ): self {
        $behindBall ??= Length::ofMillimetres(0.0);
        match (true) {
            ! $read->isGreaterThan(Load::zero()) => throw ImpossibleReading::weightless(),
            $behindBall->isNegative() ||
                ! $behindBall->isLessThan($ballToAxle) => throw ImpossibleReading::behindTheAxles(),
            $height !== null &&
                ($height->millimetres() < self::HEIGHT_MM[0] ||
                    $height->millimetres() > self::HEIGHT_MM[1]) => throw ImpossibleReading::height(),
            default => null,
        };

        return new self($by, $read, $height, $lever, $behindBall, $ballToAxle);
    }

    /** What it comes to on the ball: TW = S · (L − xj)/L (docs/model.md, Tongue weight), times the lever's ratio. */
    public function onBall(): Load
    {
        $length = $this->ballToAxle->millimetres();

        return $this->read->times(
            (($this->lever?->ratio() ?? 1.0) * ($length - $this->behindBall->millimetres())) / $length,
        );
    }

    /** How far its instrument, and its lever, may be off in every reading alike: one deviation, as a share. */
    public function gainDoubt(): float
    {
        return hypot($this->by->doubt(), $this->lever?->doubt() ?? 0.0);
    }
}
