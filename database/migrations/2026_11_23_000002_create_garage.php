<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('vehicles', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('body');
            $table->double('wheelbase_mm');
            $table->double('overhang_mm');
            $table->string('front_suspension');
            $table->string('rear_suspension');
            $table->timestamps();
        });
        Schema::create('trailers', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('body');
            $table->unsignedTinyInteger('axles');
            $table->double('ball_to_axle_mm');
            $table->double('gross_weight_kg');
            $table->timestamps();
        });
        Schema::create('hitches', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->double('bar_arm_mm');
            $table->timestamps();
        });
        Schema::create('rigs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('vehicle_id')->constrained()->restrictOnDelete();
            $table->foreignId('trailer_id')->constrained()->restrictOnDelete();
            $table->foreignId('hitch_id')->constrained()->restrictOnDelete();
            $table->timestamps();
            $table->unique(['vehicle_id', 'trailer_id', 'hitch_id']);
        });
    }
};
