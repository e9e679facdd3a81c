<?php

declare(strict_types=1);

namespace Yoke\Sway;

use Yoke\Family\HitchFamily;
use Yoke\Procedure\Station;

/** Something of a rig's sway control, or of what invites sway, that only a look can tell. */
final readonly class SwayCheck
{
    /** On every rig: key, what has to be so, what to do where it is not, the station. */
    private const EVERYWHERE = [
        ['tyres', 'Tyres of vehicle and trailer at their pressures, sidewalls sound', 'Bring them to pressure cold; a soft tyre lets the tail wander.', Station::Ground],
        ['tail', 'Nothing heavy on the trailer\'s tail', 'Move it to the axles: weight at both ends swings longest, however much there is on the tongue.', Station::Brief],
    ];

    private function __construct(public string $key, public string $says, public string $remedy, public Station $station)
    {
    }

    /** @return non-empty-list<self> what a family asks for, then what every rig does */
    public static function of(HitchFamily $family): array
    {
        $own = array_map(static fn (array $check): self => new self($check[0], $check[1], $check[2], Station::Sway), $family->wording()->swayChecks);

        return [...$own, ...array_map(static fn (array $check): self => new self(...$check), self::EVERYWHERE)];
    }
}
