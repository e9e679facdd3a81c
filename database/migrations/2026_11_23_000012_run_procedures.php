<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('procedure_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('occasion');
            $table->json('answers')->comment('by question');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('started_at');
            $table->timestamp('finished_at')->nullable();
            $table->timestamp('given_up_at')->nullable()->comment('left half done for good, and kept');
            $table->index(['job_id', 'occasion']);
        });

        Schema::create('procedure_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('procedure_run_id')->constrained()->restrictOnDelete();
            $table->string('step');
            $table->string('outcome')->comment('done, left out');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('at');
            $table->unique(['procedure_run_id', 'step']);
        });
    }
};
