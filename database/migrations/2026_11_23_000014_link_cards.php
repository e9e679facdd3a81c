<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('card_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('token', 64)->unique();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('made_at');
            $table->timestamp('ends_at');
            $table->timestamp('revoked_at')->nullable();
        });
    }
};
