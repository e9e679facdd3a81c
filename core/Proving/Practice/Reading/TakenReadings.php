<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Reading;

use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Rig\Parts\Stance;

/** What was read in a run, in the order it was read; what a fault had changed is kept, and counts no more. */
final class TakenReadings
{
    /** @var list<TakenHeight> */
    private array $heights = [];

    /** @var list<TakenWeight> */
    private array $weights = [];

    /** @return list<TakenHeight> of an edge read twice without the rig being moved the later one */
    public function heights(): array
    {
        return $this->heights;
    }

    /**
     * @return array<string, float> the mean of the heights alone that count, by axle, mm; none of an axle that was not
     *     taped
     */
    public function alone(): array
    {
        $read = [];
        foreach ($this->heights as $height) {
            if ($height->stance === Stance::Alone && ! $height->isSpoiled) {
                $read[$height->axle->value][] = $height->read;
            }
        }

        return array_map(static fn (array $heights): float => array_sum($heights) / count($heights), $read);
    }

    /** @return list<TakenWeight> */
    public function weights(): array
    {
        return $this->weights;
    }

    public function takeHeight(TakenHeight $height): void
    {
        $others = array_filter($this->heights, static fn (TakenHeight $one): bool => ! $one->isSameAs($height));
        $this->heights = [...array_values($others), $height];
    }

    public function takeWeight(TakenWeight $weight): void
    {
        $this->weights[] = $weight;
    }

    /** What a fault had changed counts no more, once it is put right. */
    public function spoil(Fault $fault): void
    {
        $isSpoiled = static fn (Stance $stance): bool => in_array($stance, $fault->spoils(), true);
        $this->heights = array_map(
            static fn (TakenHeight $height): TakenHeight => $isSpoiled($height->stance) ? $height->spoiled() : $height,
            $this->heights,
        );
        $this->weights = array_map(
            static fn (TakenWeight $weight): TakenWeight => $isSpoiled($weight->stance) ||
            ($weight->by === ActKind::WeighTongue && $fault === Fault::TongueTooLight)
                ? $weight->spoiled()
                : $weight,
            $this->weights,
        );
    }
}
