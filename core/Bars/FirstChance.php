<?php

declare(strict_types=1);

namespace Yoke\Bars;

use Yoke\Adjuster\Setting;
use Yoke\Probability\Normal;
use Yoke\Units\Angle;
use Yoke\Units\Length;

/** What a setting promises before anything is taped. */
final readonly class FirstChance
{
    /** Never started with more chance than this to leave the front over-restored. */
    private const OVER_ALLOWED = 0.10;

    /**
     * @param  Normal  $share  of the front axle load put back
     * @param  float  $inBand  chance to land in band at the first hook-up
     * @param  float  $over  chance to leave the front heavier than alone
     * @param  Angle|null  $fromParallel  of the bars with the frame, tips low negative; null where not taped
     * @param  Length|null  $clearance  bar tip above the ground; null where not taped
     * @param  Length|null  $leastClearance  that the hitch's sheet asks for
     */
    public function __construct(
        public Setting $setting,
        public Normal $share,
        public float $inBand,
        public float $over,
        public ?Angle $fromParallel,
        public ?Length $clearance,
        private ?Length $leastClearance,
    ) {
    }

    public function allowed(): bool
    {
        return $this->whyNot() === '';
    }

    /** Why it is not advised, in a few words; an empty text where it is. */
    public function whyNot(): string
    {
        return match (true) {
            $this->over > self::OVER_ALLOWED => 'may leave the front over-restored',
            $this->clearance !== null && $this->leastClearance !== null && $this->clearance->isLessThan($this->leastClearance) => 'bar tips too near the ground',
            default => '',
        };
    }
}
