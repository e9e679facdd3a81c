<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What finished jobs told, for the jobs after them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_evidence', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('source', 20)->comment('none: its readings told nothing, or did not hang together');
            $table->string('group', 60);
            $table->string('item', 60);
            $table->double('off')->comment('from usual: in the logarithm, or mm of tension');
            $table->double('doubt');
            $table->dateTime('told_at');
            $table->index(['source', 'group']);
        });
    }
};
