<?php

declare(strict_types=1);

namespace Yoke\Service;

use Yoke\Family\HitchFamily;
use Yoke\Specification\Values;

/** Something that is done to a hitch again and again after a set-up, or once. */
final readonly class CareTask
{
    public const RETORQUE = 'retorque';

    private const DAYS_OF_MONTH = 30.44;

    private const SEASON_DAYS = 183;

    /** The first run is driven within so many days; where the sheet gives its distance, that may come first. */
    private const FIRST_RUN_DAYS = 14;

    private const SERVICE_MONTHS = 12.0;

    /**
     * @param  string  $key  it is recorded under
     * @param  string  $what  to do, in a few words
     * @param  string  $how  and what to mind, in sentences
     */
    private function __construct(public string $key, public string $what, public string $how, public Interval $every)
    {
    }

    /**
     * By the hitch's own sheet where it says, else by the season; a distance comes from the sheet alone.
     *
     * @return non-empty-list<self>
     */
    public static function of(?HitchFamily $family, Values $hitch): array
    {
        $wording = $family?->wording();
        $months = $hitch->number('service_months') ?? self::SERVICE_MONTHS;

        return [
            new self(self::RETORQUE, 'Torque again after the first run', 'Ball nut, head and brackets, by the sheet, with a wrench. Over-tight is as bad as loose.', Interval::whicheverFirst($hitch->number('retorque_km'), self::FIRST_RUN_DAYS)),
            new self('torque', 'Torque, each season', 'Ball nut, head and brackets, by the sheet, with a wrench. Over-tight is as bad as loose.', Interval::ofDays(self::SEASON_DAYS)),
            new self('grease', 'Grease', $wording->grease ?? 'Ball and head sockets; none on friction faces.', Interval::ofDays(self::SEASON_DAYS)),
            new self('wear', 'Look for wear', $wording->wear ?? 'Pads, pins, clips, chains.', Interval::ofDays(self::SEASON_DAYS)),
            new self('service', 'Service', 'By the sheet of the hitch, at a licensed workshop if in doubt.', Interval::whicheverFirst($hitch->number('service_km'), (int) round($months * self::DAYS_OF_MONTH))),
        ];
    }

    /** Whether it is done once after a set-up, and not again until the next. */
    public function isOnce(): bool
    {
        return $this->key === self::RETORQUE;
    }
}
