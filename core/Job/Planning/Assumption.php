<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Rig\Specification\RigPart;

/** Something of a rig that nobody measured, so that it is taken as usual with its doubt. */
final readonly class Assumption
{
    /**
     * @param  string  $field  that would tell, as it stands in a specification
     * @param  float|string|null  $value  what is taken: mm, kg, a share or a key; null where it is only in doubt
     * @param  int|null  $parameter  of the fit that it stands for; null where it is none
     * @param  float  $measured  what share of its present doubt is left once it is measured, 0 to 1
     * @param  array<int, float>  $besides  what is measured with it: the share left of its doubt, by parameter
     */
    public function __construct(
        public RigPart $part,
        public string $field,
        public float|string|null $value,
        public ?int $parameter,
        public float $measured,
        public array $besides = [],
    ) {
    }
}
