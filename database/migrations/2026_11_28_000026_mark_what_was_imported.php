<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const IMPORTED = [
        'jobs',
        'station_marks',
        'rounds',
        'readings',
        'measures',
        'tickets',
        'tongue_readings',
        'checks',
        'procedure_runs',
        'procedure_steps',
        'road_tests',
        'torques',
        'bar_tapings',
        'photos',
        'load_states',
        'care_records',
    ];

    public function up(): void
    {
        Schema::create('imports', function (Blueprint $table): void {
            $table->id();
            $table->string('file', 120);
            $table->foreignId('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->timestamp('imported_at');
        });
        foreach (self::IMPORTED as $table) {
            Schema::table(
                $table,
                fn (Blueprint $table) => $table
                    ->unsignedBigInteger('import_id')
                    ->nullable()
                    ->comment('of what came with a file: whose names it says are the file\'s'),
            );
        }
    }
};
