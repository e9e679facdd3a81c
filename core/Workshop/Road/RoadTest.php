<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road;

use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Road\Exception\ImpossibleRoadTest;

/** How a rig felt on the road, and what that points at. It is written down to be compared, and calls no speed safe. */
final readonly class RoadTest
{
    private const SPEED_KMH = [5.0, 130.0];

    private const DISTANCE_KM = [0.1, 2000.0];

    /** @param  array<string, string>  $felt  by Feel, all of them */
    private function __construct(public float $speedKmh, public float $distanceKm, private array $felt)
    {
    }

    /**
     * @param  array<string, string>  $felt  by the value of Feel
     *
     * @throws ImpossibleRoadTest
     */
    public static function of(float $speedKmh, float $distanceKm, array $felt): self
    {
        if (! ($speedKmh >= self::SPEED_KMH[0] && $speedKmh <= self::SPEED_KMH[1])) {
            throw ImpossibleRoadTest::speed();
        }
        if (! ($distanceKm >= self::DISTANCE_KM[0] && $distanceKm <= self::DISTANCE_KM[1])) {
            throw ImpossibleRoadTest::distance();
        }
        foreach (Feel::cases() as $feel) {
            if (! in_array($felt[$feel->value] ?? null, $feel->answers(), true)) {
                throw ImpossibleRoadTest::answer($feel->value);
            }
        }

        return new self($speedKmh, $distanceKm, $felt);
    }

    public function felt(Feel $feel): string
    {
        return $this->felt[$feel->value];
    }

    /** Whether sway was felt at all. */
    public function swayed(): bool
    {
        return $this->felt(Feel::Sway) !== 'none';
    }

    /** @return list<RoadFinding> what is seen to first, first */
    public function findings(): array
    {
        $findings = [...$this->ofSway(), ...$this->ofSteering(), ...$this->ofPorpoising(), ...$this->ofLorries()];
        $order = [Severity::StopHere, Severity::SeeTo, Severity::Watch];
        usort(
            $findings,
            static fn (RoadFinding $one, RoadFinding $other): int => array_search($one->severity, $order, true) <=>
                array_search($other->severity, $order, true),
        );

        return $findings;
    }

    /** @return list<RoadFinding> */
    private function ofSway(): array
    {
        return match ($this->felt(Feel::Sway)) {
            'grew' => [
                new RoadFinding(RoadFindingKind::SwayGrew, Station::Brief, Severity::StopHere),
                new RoadFinding(RoadFindingKind::SwayControlSlack, Station::Sway, Severity::StopHere),
            ],
            'few' => [
                new RoadFinding(RoadFindingKind::SwaySettledSlowly, Station::Sway, Severity::SeeTo),
                new RoadFinding(RoadFindingKind::TooLittleOnTheTongue, Station::Brief, Severity::SeeTo),
            ],
            'once' => [
                $this->felt(Feel::Wind) === 'strong'
                    ? new RoadFinding(RoadFindingKind::SwayInWind, Station::Sway, Severity::Watch)
                    : new RoadFinding(RoadFindingKind::SwayInCalmAir, Station::Sway, Severity::SeeTo),
            ],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofSteering(): array
    {
        return match ($this->felt(Feel::Steering)) {
            'light' => [new RoadFinding(RoadFindingKind::FrontLight, Station::BarsUp, Severity::SeeTo)],
            'heavy' => [new RoadFinding(RoadFindingKind::FrontHeavy, Station::BarsUp, Severity::SeeTo)],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofPorpoising(): array
    {
        return match ($this->felt(Feel::Porpoising)) {
            'much' => [new RoadFinding(RoadFindingKind::Porpoising, Station::Prove, Severity::SeeTo)],
            'some' => [
                $this->felt(Feel::Road) === 'smooth'
                    ? new RoadFinding(RoadFindingKind::PorpoisingOnASmoothRoad, Station::Prove, Severity::SeeTo)
                    : new RoadFinding(RoadFindingKind::PorpoisingOnARoughRoad, Station::Prove, Severity::Watch),
            ],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofLorries(): array
    {
        return $this->felt(Feel::Lorries) === 'pushed'
            ? [new RoadFinding(RoadFindingKind::LorriesPush, Station::Sway, Severity::SeeTo)]
            : [];
    }
}
