<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Readings\Height\StanceHeights;
use Yoke\Units\Text\LengthPrinter;

/** A school of judging a carried rig. */
interface Method
{
    /** Its name on a label. */
    public function name(): string;

    /** Always an answer: where heights are missing it says which, where doubt is too large it says so. */
    public function judge(StanceHeights $heights, LengthPrinter $print): Judgement;
}
