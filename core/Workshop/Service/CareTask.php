<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\SpecificationSheet;

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
     * @param  HitchFamily|null  $family  of the hitch; null while it is not known
     */
    private function __construct(public string $key, public Interval $every, public ?HitchFamily $family)
    {
    }

    /**
     * By the hitch's own sheet where it says, else by the season; a distance comes from the sheet alone.
     *
     * @return non-empty-list<self>
     */
    public static function of(?HitchFamily $family, SpecificationSheet $hitch): array
    {
        $months = $hitch->number('service_months') ?? self::SERVICE_MONTHS;
        $season = Interval::ofDays(self::SEASON_DAYS);

        return [
            new self(
                self::RETORQUE,
                Interval::whicheverFirst($hitch->number('retorque_km'), self::FIRST_RUN_DAYS),
                $family,
            ),
            new self('torque', $season, $family),
            new self('grease', $season, $family),
            new self('wear', $season, $family),
            new self(
                'service',
                Interval::whicheverFirst($hitch->number('service_km'), (int) round($months * self::DAYS_OF_MONTH)),
                $family,
            ),
        ];
    }

    /** Whether it is done once after a set-up, and not again until the next. */
    public function isOnce(): bool
    {
        return $this->key === self::RETORQUE;
    }
}
