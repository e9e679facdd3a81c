<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/**
 * What travels in one state more than in another, and what that does to the model (docs/model.md, Loads). The datum of
 * a
 * changed rig is the vehicle alone with its new load on board.
 */
final readonly class LoadChange
{
    private const NOTHING_KG = 1e-6;

    /** @param  list<array{Carrier, float, float}>  $masses  carrier, kg, place in mm as the carrier counts it */
    private function __construct(private array $masses)
    {
    }

    /**
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     */
    public static function between(array $before, array $after): self
    {
        $mass = static fn (int $sign): \Closure => static fn (Item $item): array => [
            $item->on,
            $sign * $item->weight->kilograms(),
            $item->place->millimetres(),
        ];

        return new self([...array_map($mass(-1), $before), ...array_map($mass(1), $after)]);
    }

    /** Whether the same travels at the same places. */
    public function isNone(): bool
    {
        $left = [];
        foreach ($this->masses as [$on, $mass, $place]) {
            $key = sprintf('%s %.3f', $on->name, $place);
            $left[$key] = ($left[$key] ?? 0.0) + $mass;
        }

        return array_filter($left, static fn (float $mass): bool => abs($mass) > self::NOTHING_KG) === [];
    }

    /** Both together. */
    public function plus(self $other): self
    {
        return new self([...$this->masses, ...$other->masses]);
    }

    /** What the vehicle's front axle gains standing alone. */
    public function front(Length $wheelbase): Load
    {
        return Load::ofKilograms($this->onFront($wheelbase->millimetres()));
    }

    /** As front. */
    public function rear(Length $wheelbase): Load
    {
        return $this->aboard()->minus($this->front($wheelbase));
    }

    /** What the vehicle gains. */
    public function aboard(): Load
    {
        return Load::ofKilograms($this->sum(Carrier::Vehicle, static fn (float $mass): float => $mass));
    }

    /** What the trailer gains. */
    public function trailer(): Load
    {
        return Load::ofKilograms($this->sum(Carrier::Trailer, static fn (float $mass): float => $mass));
    }

    /** What the tongue weight gains: Σ m·x / L. */
    public function tongue(Length $ballToAxle): Load
    {
        return Load::ofKilograms($this->onBall($ballToAxle->millimetres()));
    }

    /** How far a fender of the vehicle alone rises; not at all where levelling holds it. */
    public function frontRise(TowVehicle $vehicle): Length
    {
        return Length::ofMillimetres(-$this->onFront($vehicle->wheelbase) / $vehicle->frontRate);
    }

    /** As frontRise. */
    public function rearRise(TowVehicle $vehicle): Length
    {
        return Length::ofMillimetres(
            -($this->aboard()->kilograms() - $this->onFront($vehicle->wheelbase)) / $vehicle->rearRate,
        );
    }

    /**
     * The rig with the change on board. The ball moves with the vehicle, the level coupler with the trailer's axles.
     *
     * @throws ImpossibleModel when the tongue would lift off, or the trailer weigh nothing
     */
    public function on(CoupledRig $rig): CoupledRig
    {
        $vehicle = $rig->vehicle();
        $trailer = $rig->trailer();
        $bars = $rig->bars();
        $onAxles = $this->trailer()->kilograms() - $this->onBall($trailer->ballToAxle);
        $ball = $this->rearRise($vehicle)->millimetres() - $vehicle->overhang * $this->pitch($vehicle);

        return new CoupledRig(
            $vehicle,
            new TowedTrailer(
                $trailer->ballToAxle,
                $trailer->weight + $this->trailer()->kilograms(),
                $trailer->tongueWeight + $this->onBall($trailer->ballToAxle),
                $trailer->cgAboveAxle,
                $trailer->axles,
            ),
            new Bars(
                $bars->count,
                $bars->rate,
                $bars->arm,
                $bars->ballOverCoupler + $onAxles / $trailer->groupRate() + $ball,
            ),
        );
    }

    /** What any setting's tension gains, mm: the vehicle's pitch alone tips the bars. */
    public function tension(CoupledRig $rig): float
    {
        return $rig->bars()->arm * $this->pitch($rig->vehicle());
    }

    private function onFront(float $wheelbase): float
    {
        return $this->sum(
            Carrier::Vehicle,
            static fn (float $mass, float $place): float => $mass * (1 - $place / $wheelbase),
        );
    }

    private function onBall(float $ballToAxle): float
    {
        return $this->sum(
            Carrier::Trailer,
            static fn (float $mass, float $place): float => ($mass * $place) / $ballToAxle,
        );
    }

    private function pitch(TowVehicle $vehicle): float
    {
        return $this->frontRise($vehicle)->minus($this->rearRise($vehicle))->millimetres() / $vehicle->wheelbase;
    }

    /** @param  \Closure(float, float): float  $of  kg and place in mm */
    private function sum(Carrier $on, \Closure $of): float
    {
        $sum = 0.0;
        foreach ($this->masses as [$carrier, $mass, $place]) {
            $sum += $carrier === $on ? $of($mass, $place) : 0.0;
        }

        return $sum;
    }
}
