<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Workshop\Procedure\Station;

/** Something of a rig's sway control, or of what invites sway, that only a look can tell. */
final readonly class SwayCheck
{
    /** On every rig: key, and the station where it is looked at. */
    private const EVERYWHERE = ['tyres' => Station::Ground, 'tail' => Station::Brief];

    /**
     * @param  string  $key  it is answered under
     * @param  Station  $station  where what is wrong is put right
     * @param  HitchFamily|null  $family  whose own check it is; null of one on every rig
     */
    private function __construct(public string $key, public Station $station, public ?HitchFamily $family = null)
    {
    }

    /** @return non-empty-list<self> what a family asks for, then what every rig does */
    public static function of(HitchFamily $family): array
    {
        $own = array_map(
            static fn (string $key): self => new self($key, Station::Sway, $family),
            $family->facts()->swayChecks,
        );

        return [
            ...$own,
            ...array_map(
                static fn (string $key, Station $station): self => new self($key, $station),
                array_keys(self::EVERYWHERE),
                self::EVERYWHERE,
            ),
        ];
    }
}
