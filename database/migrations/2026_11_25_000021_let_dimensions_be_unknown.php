<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Dimensions that nobody has measured yet, by table. */
    private const DIMENSIONS = [
        'vehicles' => ['wheelbase_mm', 'overhang_mm'],
        'trailers' => ['ball_to_axle_mm', 'gross_weight_kg'],
        'hitches' => ['bar_arm_mm'],
    ];

    public function up(): void
    {
        foreach (self::DIMENSIONS as $name => $columns) {
            Schema::table($name, function (Blueprint $table) use ($columns): void {
                foreach ($columns as $column) {
                    $table->double($column)->nullable()->change();
                }
            });
        }
    }
};
