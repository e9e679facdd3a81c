<?php

declare(strict_types=1);

namespace Yoke\Road;

use Yoke\Procedure\Station;
use Yoke\Road\Exception\ImpossibleRoadTest;

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
            if (! isset($felt[$feel->value], $feel->answers()[$felt[$feel->value]])) {
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
        usort($findings, static fn (RoadFinding $one, RoadFinding $other): int => array_search($one->severity, $order, true) <=> array_search($other->severity, $order, true));

        return $findings;
    }

    /** @return list<RoadFinding> */
    private function ofSway(): array
    {
        return match ($this->felt(Feel::Sway)) {
            'grew' => [
                new RoadFinding('Sway that does not settle', 'It is not towed further so. Too little on the tongue is the first to look at, then nose-up and a light front.', Station::Brief, Severity::StopHere),
                new RoadFinding('Sway control slack or worn', 'Faces, cams and pads, and the bars\' tension that feeds them.', Station::Sway, Severity::StopHere),
            ],
            'few' => [
                new RoadFinding('Sway that settles slowly', 'Tongue share, nose and front axle, in this order; then the sway control itself.', Station::Sway, Severity::SeeTo),
                new RoadFinding('Too little on the tongue', 'Weigh it: below 10 % of gross a trailer swings long.', Station::Brief, Severity::SeeTo),
            ],
            'once' => [new RoadFinding('Sway that settled at once', $this->felt(Feel::Wind) === 'strong' ? 'In strong wind that is what sway control is for; look at it all the same.' : 'Look at the sway control: in calm air there is a cause.', Station::Sway, $this->felt(Feel::Wind) === 'strong' ? Severity::Watch : Severity::SeeTo)],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofSteering(): array
    {
        return match ($this->felt(Feel::Steering)) {
            'light' => [new RoadFinding('Front axle light', 'The bars put back too little: measure carried again, and take the next move.', Station::BarsUp, Severity::SeeTo)],
            'heavy' => [new RoadFinding('Front axle heavy', 'The bars may put back more than the front lost: never above its load alone.', Station::BarsUp, Severity::SeeTo)],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofPorpoising(): array
    {
        return match ($this->felt(Feel::Porpoising)) {
            'much' => [new RoadFinding('Porpoising', 'Much on the tongue, soft rear springs or dampers, or bars too soft for it: look at bar bend and ratings.', Station::Prove, Severity::SeeTo)],
            'some' => [new RoadFinding('A little porpoising', $this->felt(Feel::Road) === 'smooth' ? 'On a smooth road it wants a look: dampers, tyres, bar bend.' : 'On such a road it is usual; dampers and tyres are worth a look.', Station::Prove, $this->felt(Feel::Road) === 'smooth' ? Severity::SeeTo : Severity::Watch)],
            default => [],
        };
    }

    /** @return list<RoadFinding> */
    private function ofLorries(): array
    {
        return $this->felt(Feel::Lorries) === 'pushed'
            ? [new RoadFinding('Lorries push the rig about', 'Nose-up, a light front or a slack sway control; soft tyre walls do it, too.', Station::Sway, Severity::SeeTo)]
            : [];
    }
}
