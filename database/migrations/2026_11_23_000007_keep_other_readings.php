<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('stance');
            $table->unsignedSmallInteger('round');
            $table->string('kind');
            $table->string('typed');
            $table->double('value')->nullable()->comment('mm or kg, by kind; null: taken back');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('taken_at');
            $table->index(['job_id', 'stance', 'round', 'kind']);
        });
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::statement("CREATE TRIGGER measures_no_{$change} BEFORE {$change} ON measures
                BEGIN SELECT RAISE(ABORT, 'Readings are append-only: a later one counts.'); END");
        }
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('method')->default('front_restoration')->comment('the school that governs the next move');
        });
        Schema::table('rigs', function (Blueprint $table): void {
            $table
                ->json('found_setting')
                ->nullable()
                ->comment('steps by adjuster of the setting last handed over, with the job and the day');
        });
    }
};
