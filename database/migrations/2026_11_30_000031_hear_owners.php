<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Owners write to the shop through their private link. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('owner_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('card_link_id')->constrained();
            $table->text('note');
            $table->dateTime('sent_at');
            $table->dateTime('seen_at')->nullable();
            $table->foreignId('seen_by')->nullable()->constrained('users');
            $table->index(['job_id', 'seen_at']);
        });
        foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $change => $row) {
            DB::statement("CREATE TRIGGER owner_notes_marks_{$change} AFTER {$change} ON owner_notes BEGIN
                INSERT OR REPLACE INTO revisions VALUES ('job:' || {$row}.job_id, hex(randomblob(8))), ('any', hex(randomblob(8)));
            END");
        }
    }
};
