<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Measure\Length;

/** One way to bolt the head to the shank. */
final readonly class ShankPlace
{
    /**
     * @param  'drop'|'rise'  $turned
     * @param  int  $hole  counted from the receiver, from 1
     * @param  int  $holesVisible  above the head
     */
    public function __construct(
        public string $turned,
        public int $hole,
        public int $holesVisible,
        public Length $ballHeight,
        private Length $wanted,
    ) {
    }

    /** Ball height minus what was wanted; up positive. */
    public function residual(): Length
    {
        return $this->ballHeight->minus($this->wanted);
    }
}
