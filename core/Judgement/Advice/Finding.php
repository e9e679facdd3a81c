<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Constraint\Exclusion;

/** One thing that is wrong with a rig as it is hooked up. */
final readonly class Finding
{
    /**
     * @param  float  $chance  that it is so, 0 to 1
     * @param  Normal  $figure  what shows it: a restored share, a pitch in degrees, a bend in mm
     * @param  Exclusion|null  $broken  what is broken, of that kind of finding
     */
    public function __construct(
        public FindingKind $kind,
        public float $chance,
        public Normal $figure,
        public ?Exclusion $broken = null,
    ) {
    }
}
