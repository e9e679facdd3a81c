<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Estimation\KnownRig;
use Yoke\Ratings\RatedLoad;
use Yoke\Ratings\RatedPart;
use Yoke\Rig\Stance;
use Yoke\Statics\Attitude;

/**
 * A rig's loads against its ratings, dropped and carried: one list for the brief, the planner, the choice and the
 * owner.
 */
final readonly class RigLedger
{
    public function __construct(private SpecifiedRig $rig)
    {
    }

    /** @return list<RatedLoad> a line that is the same in both stances once */
    public function lines(Attitude $dropped, Attitude $carried): array
    {
        $ledger = $this->rig->ratings()->ledger();
        $isPlain = $this->rig->isPlainBall();
        $lines = [];
        foreach (
            $isPlain
                ? [[Stance::Dropped, $dropped]]
                : [[Stance::Dropped, $dropped], [Stance::Carried, $carried]] as [$stance, $attitude]
        ) {
            foreach ($ledger->lines($attitude, $stance, KnownRig::BARS) as $line) {
                $lines[$line->key()] =
                    $line->stance === Stance::Dropped && ! $isPlain ? $line->onTheWay() : $line;
            }
        }

        return array_values(
            array_filter($lines, fn (RatedLoad $line): bool => ! in_array($line->part, $this->leftOut(), true)),
        );
    }

    /** @return list<RatedPart> what the hitch has not */
    private function leftOut(): array
    {
        return match (true) {
            $this->rig->isPlainBall() => [
                RatedPart::OneBar,
                RatedPart::BarsHeaviestTongue,
                RatedPart::BarsLightestTongue,
            ],
            $this->rig->family()?->hasBars() === false => [RatedPart::OneBar],
            default => [],
        };
    }
}
