<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Torque;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Rig\Family\SwayControl;

/** What a set-up of a rig came to, as far as sway goes: to be held against its earlier ones. */
final readonly class SwaySetUp
{
    /** Changes of less than these are none: shares, degrees, a share of the moment. */
    private const SAME = ['tongue' => 0.005, 'pitch' => 0.15, 'restored' => 0.06, 'friction' => 0.1];

    /**
     * @param  float  $tongue  share of gross on it
     * @param  float  $restored  restored share of the front axle load
     * @param  Torque|null  $friction  null where no bar rubs
     */
    public function __construct(
        public float $tongue,
        public Angle $pitch,
        public float $restored,
        public ?Torque $friction,
    ) {
    }

    /** As all readings together tell it, at the setting that is on. */
    public static function of(
        Posterior $posterior,
        CurrentSetting $current,
        SwayControl $control,
        FrictionMoment $moment,
    ): self {
        $carried = $posterior->rig($current->ballOffset)->carried($posterior->tension() + $current->tensionOffset);
        $trailer = $carried->rig()->trailer();

        return new self(
            $trailer->tongueWeight / $trailer->weight,
            $carried->trailerPitchAngle(),
            $carried->frontRestored(),
            $control->rubsAtHookUp() ? $moment->of($carried) : null,
        );
    }

    /** @return list<SwayChange> what invites sway more than it did before */
    public function worseThan(self $before): array
    {
        [$rubs, $rubbed] = [$this->friction?->newtonMetres() ?? 0.0, $before->friction?->newtonMetres() ?? 0.0];
        $changes = [
            [
                $this->tongue < $before->tongue - self::SAME['tongue'],
                SwayChangeKind::LessOnTheTongue,
                $this->tongue,
                $before->tongue,
            ],
            [
                $this->pitch->degrees() > $before->pitch->degrees() + self::SAME['pitch'],
                SwayChangeKind::NoseHigher,
                $this->pitch->degrees(),
                $before->pitch->degrees(),
            ],
            [
                $this->restored < $before->restored - self::SAME['restored'],
                SwayChangeKind::FrontLighter,
                $this->restored,
                $before->restored,
            ],
            [
                $this->friction !== null && $rubs < (1.0 - self::SAME['friction']) * $rubbed,
                SwayChangeKind::LessFriction,
                $rubs,
                $rubbed,
            ],
        ];
        $worse = [];
        foreach ($changes as [$isWorse, $kind, $now, $then]) {
            $worse = $isWorse ? [...$worse, new SwayChange($kind, $now, $then)] : $worse;
        }

        return $worse;
    }
}
