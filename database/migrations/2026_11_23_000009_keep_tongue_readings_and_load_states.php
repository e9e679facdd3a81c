<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tongue_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('way')->comment('how it was got');
            $table->json('typed')->comment('by field, to the letter');
            $table->double('read_kg');
            $table->double('hitch_height_mm')->nullable()->comment('of the coupler; null: trailer level');
            $table->double('behind_ball_mm')->default(0);
            $table->double('arm_scale_mm')->nullable();
            $table->double('arm_tongue_mm')->nullable();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('read_at');
            $table->timestamp('withdrawn_at')->nullable()->comment('taken back, and kept');
            $table->index(['job_id', 'withdrawn_at']);
        });

        Schema::create('load_states', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rig_id')->constrained()->restrictOnDelete();
            $table->string('name');
            $table->boolean('as_weighed')->default(false)->comment('what was aboard when the sheets were weighed');
            $table->json('items');
            $table->json('fills')->comment('tank to share, 0 to 1');
            $table->json('setting')->nullable()->comment('steps kept for it');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamps();
            $table->timestamp('archived_at')->nullable();
            $table->unique(['rig_id', 'name']);
        });
    }
};
