<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Units\Load;

/** Tickets of one rig that do not go together. */
final readonly class Mismatch
{
    /**
     * @param  list<Load>  $loads  that show it: what differs; or what the front gained, the trailer gained, and should
     *     have
     */
    private function __construct(public MismatchKind $kind, public array $loads)
    {
    }

    public static function of(MismatchKind $kind, Load ...$loads): self
    {
        return new self($kind, array_values($loads));
    }

    /** Whether it is between one carried ticket and the others, rather than between those. */
    public function isOfCarried(): bool
    {
        return ! in_array(
            $this->kind,
            [
                MismatchKind::AloneHeavierThanCoupled,
                MismatchKind::KilogramsForPounds,
                MismatchKind::PoundsForKilograms,
            ],
            true,
        );
    }
}
