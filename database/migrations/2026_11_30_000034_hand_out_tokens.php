<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Programs and devices act for a person by a token, of which the hash alone is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('api_tokens', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 80);
            $table->string('hash', 64)->unique();
            $table->json('rights');
            $table->dateTime('made_at');
            $table->dateTime('used_at')->nullable();
            $table->dateTime('ends_at')->nullable();
            $table->dateTime('revoked_at')->nullable();
        });
    }
};
