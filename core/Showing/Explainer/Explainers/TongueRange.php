<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Mechanics\Loading\TongueShare;

/** What the trade says of a tongue share, as a note. */
final class TongueRange
{
    /** @param  float  $share  of the gross trailer weight */
    public static function of(float $share): string
    {
        $tongue = new TongueShare($share);

        return $tongue->isTooLittle() ? 'light_tongue' : ($tongue->isUsual() ? 'usual_tongue' : 'heavy_tongue');
    }
}
