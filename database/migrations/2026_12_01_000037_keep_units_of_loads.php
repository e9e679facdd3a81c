<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The unit in which a load, a gap or a coupler height was read stands with it: a slip of digits is one of that unit.
 */
return new class extends Migration
{
    private const TABLES = ['tickets', 'measures', 'tongue_readings'];

    /** Readings of other things than these have no unit: an angle is in degrees. */
    private const LENGTHS = "'coupler', 'bar_gap'";

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE {$table} ADD COLUMN unit VARCHAR(4) NULL");
        }
        // What was typed without a unit was in that of its person.
        $theirs = static fn (
            string $table,
            string $inches,
            string $metric,
        ): string => "(SELECT CASE WHEN fineness LIKE '%in' THEN '{$inches}' ELSE '{$metric}' END FROM users WHERE id = {$table}.user_id)";
        foreach (
            ['tickets' => 'typed', 'measures' => 'typed', 'tongue_readings' => "json_extract(typed, '$.read')"] as $table => $typed
        ) {
            $load = "CASE WHEN lower({$typed}) GLOB '*[0-9] lb*' OR lower({$typed}) GLOB '*[0-9]lb*' THEN 'lb' WHEN lower({$typed}) GLOB '*[0-9] kg*' OR lower({$typed}) GLOB '*[0-9]kg*' THEN 'kg' ELSE {$theirs(
                $table,
                'lb',
                'kg',
            )} END";
            DB::statement(
                "UPDATE {$table} SET unit = {$load}".
                    ($table === 'measures'
                        ? " WHERE kind IN ('ball_load', 'front_axle', 'rear_axle', 'trailer_axles')"
                        : ''),
            );
        }
        $length = "CASE WHEN typed LIKE '%mm%' THEN 'mm' WHEN typed LIKE '%cm%' THEN 'cm' WHEN typed GLOB '*[\"/]*' OR typed LIKE '%in%' THEN 'in' ELSE {$theirs(
            'measures',
            'in',
            'mm',
        )} END";
        DB::statement('UPDATE measures SET unit = '.$length.' WHERE kind IN ('.self::LENGTHS.')');
    }
};
