<?php

declare(strict_types=1);

namespace App\Screens\Card;

use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** A job's card as the HTTP interface hands it out. */
final readonly class CardResource
{
    /** @return array<string, mixed> */
    public static function of(CardPage $page): array
    {
        $heights = [];
        foreach (Stance::cases() as $stance) {
            foreach (Axle::cases() as $axle) {
                $heights[$stance->value][$axle->value] = $page->reading($stance, $axle)?->millimetres();
            }
        }

        return [
            'job_id' => $page->job->id,
            'title' => $page->job->title,
            'setting' => $page->setting()?->told(),
            'setting_in_words' => $page->settingInWords(),
            'heights_mm' => $heights,
            'restored' => $page->verdict()?->share->mean(),
            'cautions' => $page->cautions(),
        ];
    }
}
