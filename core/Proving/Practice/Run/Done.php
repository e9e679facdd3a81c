<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Act\Sight;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Reading\TakenWeight;

/** What came of an act. */
final readonly class Done
{
    /** @param  Fault|null  $putRight  null where nothing was wrong there, or nothing was put right */
    public function __construct(
        public Act $act,
        public float $minutes,
        public ?Sight $sight = null,
        public ?TakenWeight $weight = null,
        public ?TakenHeight $height = null,
        public ?Fault $putRight = null,
        public ?SafetyViolation $breach = null,
    ) {
    }
}
