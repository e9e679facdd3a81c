<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Family\Exception\UnknownFamily;
use Yoke\Rig\Family\Kind\CamBar;
use Yoke\Rig\Family\Kind\ChainRotatingLatch;
use Yoke\Rig\Family\Kind\ChainSnapUp;
use Yoke\Rig\Family\Kind\FrictionBracket;
use Yoke\Rig\Family\Kind\PadUnderCover;
use Yoke\Rig\Family\Kind\PlainBall;
use Yoke\Rig\Family\Kind\ScrewJackGauge;
use Yoke\Rig\Family\Kind\TensionChain;

/** The families there are. */
final class Families
{
    /** @return non-empty-list<HitchFamily> */
    public static function all(): array
    {
        return [...self::distributing(), new PlainBall()];
    }

    /** @return non-empty-list<HitchFamily> those that move load: all but a plain ball */
    public static function distributing(): array
    {
        return [
            new ChainSnapUp(),
            new ChainRotatingLatch(),
            new FrictionBracket(),
            new CamBar(),
            new PadUnderCover(),
            new ScrewJackGauge(),
            new TensionChain(),
        ];
    }

    /** Null for one that there is not. */
    public static function find(string $key): ?HitchFamily
    {
        foreach (self::all() as $family) {
            if ($family->key() === $key) {
                return $family;
            }
        }

        return null;
    }

    /** @throws UnknownFamily */
    public static function get(string $key): HitchFamily
    {
        return self::find($key) ??
            throw UnknownFamily::named(
                $key,
                array_map(static fn (HitchFamily $family): string => $family->key(), self::all()),
            );
    }
}
