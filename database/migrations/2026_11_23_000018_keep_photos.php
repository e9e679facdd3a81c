<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('shows')->comment('placard, link mark, washers, other');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->binary('jpeg')->comment('drawn anew from what was sent: no position, no other data of the camera');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('taken_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->index('job_id');
        });
    }
};
