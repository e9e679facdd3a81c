<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The practice yard keeps its runs apart from every job: nothing simulated stands where something real is read. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('code', 12)->index();
            $table->string('tape', 10)->comment('fineness of the tape that is read');
            $table->string('coach', 10);
            $table->json('sheet')->nullable()->comment('of an own rig, as its specifications were');
            $table->string('rig_name')->nullable();
            $table->json('debrief')->nullable();
            $table->dateTime('finished_at')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'finished_at']);
        });
        Schema::create('practice_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('practice_run_id')->constrained();
            $table->unsignedInteger('position')->comment('from 1');
            $table->json('act');
            $table->dateTime('done_at');
            $table->unique(['practice_run_id', 'position']);
        });
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::statement(
                "CREATE TRIGGER practice_acts_stay_{$change} BEFORE {$change} ON practice_acts BEGIN SELECT RAISE(ABORT, 'What was done in a run stays.'); END",
            );
        }
    }
};
