<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bar_tapings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->json('typed')->comment('each field as it was typed; empty where the step was skipped');
            $table->json('setting')->nullable()->comment('that it was taped for: steps by adjuster');
            $table->double('ball_mm')->nullable();
            $table->double('bar_mm')->nullable();
            $table->double('lifted_mm')->nullable();
            $table->double('seat_mm')->nullable();
            $table->double('rest_mm')->nullable();
            $table->double('chain_mm')->nullable();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('taped_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->index('job_id');
        });
    }
};
