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
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rig_id')->constrained()->restrictOnDelete();
            $table->string('title');
            $table->date('booked_on')->index();
            $table->json('rig_as_worked');
            $table->double('band_from')->default(0.5);
            $table->double('band_to')->default(1.0);
            $table->boolean('each_side')->default(false);
            $table->timestamp('handed_over_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('station_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('station');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamps();
            $table->unique(['job_id', 'station']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('stance');
            $table->string('axle');
            $table->string('side');
            $table->string('typed');
            $table->string('typed_unit');
            $table->double('height_mm')->nullable()->comment('null: the reading was taken back');
            $table->string('settling');
            $table->string('instrument')->default('tape');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->foreignId('supersedes_id')->nullable()->unique()->constrained('readings')->restrictOnDelete();
            $table->timestamp('taken_at');
            $table->index(['job_id', 'stance']);
        });
        $this->keepTheTapeLogAppendOnly();
    }

    private function keepTheTapeLogAppendOnly(): void
    {
        DB::statement(
            'CREATE UNIQUE INDEX readings_first ON readings (job_id, stance, axle, side) WHERE supersedes_id IS NULL',
        );
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::statement("CREATE TRIGGER readings_no_{$change} BEFORE {$change} ON readings
                BEGIN SELECT RAISE(ABORT, 'The tape log is append-only: a corrected reading supersedes the earlier one.'); END");
        }
    }
};
