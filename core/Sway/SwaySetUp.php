<?php

declare(strict_types=1);

namespace Yoke\Sway;

use Yoke\Estimation\Posterior;
use Yoke\Family\SwayControl;
use Yoke\Method\CurrentSetting;
use Yoke\Units\Angle;
use Yoke\Units\Torque;

/** What a set-up of a rig came to, as far as sway goes: to be held against its earlier ones. */
final readonly class SwaySetUp
{
    /** Changes of less than these are none: shares, degrees, a share of the moment. */
    private const SAME = ['tongue' => 0.005, 'pitch' => 0.15, 'restored' => 0.06, 'friction' => 0.10];

    /**
     * @param  float  $tongue  share of gross on it
     * @param  float  $restored  share of the front axle load put back
     * @param  Torque|null  $friction  null where no bar rubs
     */
    public function __construct(public float $tongue, public Angle $pitch, public float $restored, public ?Torque $friction)
    {
    }

    /** As all readings together tell it, at the setting that is on. */
    public static function of(Posterior $posterior, CurrentSetting $trial, SwayControl $control, FrictionMoment $moment): self
    {
        $carried = $posterior->rig($trial->ballOffset)->carried($posterior->tension() + $trial->tensionOffset);
        $trailer = $carried->rig()->trailer();

        return new self($trailer->tongueWeight / $trailer->weight, $carried->trailerPitchAngle(), $carried->frontRestored(), $control->rubsAtHookUp() ? $moment->of($carried) : null);
    }

    /** @return list<string> what invites sway more than it did before, a sentence each */
    public function worseThan(self $before): array
    {
        $friction = $this->friction === null || $before->friction === null || $before->friction->newtonMetres() <= 0.0 ? 0.0 : $this->friction->newtonMetres() / $before->friction->newtonMetres() - 1.0;

        return array_values(array_filter([
            $this->tongue < $before->tongue - self::SAME['tongue'] ? sprintf('Less on the tongue: %.1f %% of gross, %.1f %% before.', 100 * $this->tongue, 100 * $before->tongue) : '',
            $this->pitch->degrees() > $before->pitch->degrees() + self::SAME['pitch'] ? sprintf('The nose is higher by %.1f°.', $this->pitch->degrees() - $before->pitch->degrees()) : '',
            $this->restored < $before->restored - self::SAME['restored'] ? sprintf('The front axle is lighter: %.0f %% put back, %.0f %% before.', 100 * $this->restored, 100 * $before->restored) : '',
            $friction < -self::SAME['friction'] ? sprintf('The bars rub less, by %.0f %%.', -100 * $friction) : '',
        ], static fn (string $sentence): bool => $sentence !== ''));
    }
}
