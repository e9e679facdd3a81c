<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('road_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('round')->comment('of the carried stance: which setting was on');
            $table->json('typed')->comment('speed and distance, to the letter');
            $table->double('speed_kmh');
            $table->double('distance_km');
            $table->json('felt');
            $table->text('note')->nullable();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('driven_at');
            $table->index('job_id');
        });
    }
};
