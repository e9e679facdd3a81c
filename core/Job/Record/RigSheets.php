<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Measuring\Estimation\Prior\KnownRig;

/**
 * What sheets, placards and the tape say of a rig before anything is read of it, each with how far it is trusted:
 * filled in by a shop's job, by a file, by an exercise.
 */
final readonly class RigSheets
{
    /**
     * @param  LogNormal  $frontRate  ride rate of the vehicle's class or sheet, kg/mm
     * @param  LogNormal  $rearRate  as front
     * @param  LogNormal  $tongueWeight  level, kg
     * @param  float  $cgAboveAxle  mm
     */
    public function __construct(
        public KnownRig $known,
        public LogNormal $frontRate,
        public LogNormal $rearRate,
        public LogNormal $tongueWeight,
        public float $cgAboveAxle,
        public BarStiffness $bars,
        public ReferenceTension $tension,
    ) {
    }
}
