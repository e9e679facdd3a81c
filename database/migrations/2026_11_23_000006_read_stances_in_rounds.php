<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rounds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('stance');
            $table->unsignedSmallInteger('number');
            $table->json('setting')->nullable()->comment('steps by adjuster, of a carried stance');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamps();
            $table->unique(['job_id', 'stance', 'number']);
        });
        Schema::table('readings', function (Blueprint $table): void {
            $table
                ->unsignedSmallInteger('round')
                ->default(1)
                ->comment('a stance read again is a new round; all of them count');
        });
        DB::statement('DROP INDEX readings_first');
        DB::statement(
            'CREATE UNIQUE INDEX readings_first ON readings (job_id, stance, axle, side, round) WHERE supersedes_id IS NULL',
        );
    }
};
