<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\LevellingLoss;

/**
 * What a job is held to: its method, the range of the restored share, tolerances, and what levelling takes back on the
 * road.
 */
final readonly class Goal
{
    /**
     * @param  Load|null  $makersBallLoad  the hitch maker's own target for the gauge
     * @param  LevellingLoss|null  $levelling  null where nothing lifts the rear on the road
     */
    public function __construct(
        public TargetRange $band,
        public Criterion $criterion,
        public Tolerances $tolerances,
        private ?Load $makersBallLoad = null,
        public ?LevellingLoss $levelling = null,
    ) {
    }

    public function hasMakersBallLoad(): bool
    {
        return $this->makersBallLoad !== null;
    }

    /** The same, held to nobody's target for the gauge but ours. */
    public function withoutMakersBallLoad(): self
    {
        return new self($this->band, $this->criterion, $this->tolerances, null, $this->levelling);
    }

    public function governing(): Method
    {
        return $this->method($this->criterion);
    }

    public function method(Criterion $criterion): Method
    {
        return match ($criterion) {
            Criterion::FrontRestoration => new FrontRestoration($this->band),
            Criterion::EqualSquat => new EqualSquat($this->tolerances),
            Criterion::CouplerHeight => new CouplerHeight($this->tolerances),
            Criterion::BallLoad => $this->ballLoad(),
            Criterion::AxleScale => new AxleScale($this->band),
        };
    }

    public function ballLoad(): BallLoad
    {
        return new BallLoad($this->band, $this->tolerances, $this->makersBallLoad);
    }
}
