<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('station');
            $table->string('check_key');
            $table->string('answer');
            $table->string('counted')->nullable()->comment('left and right, as counted');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('answered_at');
            $table->index(['job_id', 'station']);
        });
    }
};
