<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tickets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('stance');
            $table->unsignedSmallInteger('round')->comment('of the stance: which setting was on');
            $table->text('typed');
            $table->json('platforms')->comment('axles and kg of each platform');
            $table->double('step_kg');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('weighed_at');
            $table->timestamp('withdrawn_at')->nullable()->comment('taken back, and kept');
            $table->index(['job_id', 'withdrawn_at']);
        });
    }
};
