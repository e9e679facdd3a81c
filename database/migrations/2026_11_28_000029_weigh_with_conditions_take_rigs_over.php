<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What was otherwise at a weighing than at the tape; and of a job, whether the rig arrived coupled, to be taken over in
 * reverse order.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tickets', function (Blueprint $table): void {
            $table->json('conditions')->nullable();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->boolean('arrived_coupled')->default(false);
        });
    }
};
