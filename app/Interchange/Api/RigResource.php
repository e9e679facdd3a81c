<?php

declare(strict_types=1);

namespace App\Interchange\Api;

use App\Models\Rig;
use App\Models\RigSnapshot;

/** A rig as the HTTP interface hands it out: its three parts with their specifications, mm and kg. */
final readonly class RigResource
{
    /** @return array<string, mixed> */
    public static function of(Rig $rig): array
    {
        $sheet = RigSnapshot::sheetOf($rig);

        return [
            'id' => $rig->id,
            'mark' => $rig->mark,
            'title' => $rig->title(),
            'vehicle' => self::part($sheet['vehicle']),
            'trailer' => self::part($sheet['trailer']),
            'hitch' => self::part($sheet['hitch']),
        ];
    }

    /**
     * @param  array<string, mixed>  $part
     * @return array<string, mixed>
     */
    private static function part(array $part): array
    {
        $fields = $part['sheet'] ?? [];
        unset($part['sheet']);

        return [...$part, 'fields' => (object) (is_array($fields) ? $fields : [])];
    }
}
