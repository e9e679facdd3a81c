<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('simulations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->restrictOnDelete();
            $table->json('truth')->comment('what the simulated devices read off, and no page shows');
            $table->json('setting')->comment('steps whose tension the truth tells');
        });
    }
};
