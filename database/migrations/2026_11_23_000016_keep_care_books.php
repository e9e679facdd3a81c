<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('care_records', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rig_id')->constrained()->restrictOnDelete();
            $table->string('task')->comment('of the care book: a task, the set-up, or the distance alone');
            $table->string('typed')->nullable()->comment('the distance, to the letter');
            $table->double('driven_km')->nullable();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('done_at');
            $table->timestamp('withdrawn_at')->nullable()->comment('taken back, and kept');
            $table->index('rig_id');
        });
        Schema::table('rigs', function (Blueprint $table): void {
            $table
                ->date('care_due_on')
                ->nullable()
                ->index()
                ->comment('the first day that anything of its care falls due, as far as it can be told');
        });
    }
};
