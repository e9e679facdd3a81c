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
        Schema::table('users', function (Blueprint $table): void {
            $table
                ->string('role', 8)
                ->nullable()
                ->comment('owner, fitter or desk; null for a name that a file brought, without a sign-in');
            $table->timestamp('left_at')->nullable();
        });
        // Until now whoever signed in could do everything. Nobody knows who is what: each is asked at the next sign-in.
        DB::table('users')->update(['role' => 'unasked', 'remember_token' => null]);
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('key_hash', 64)->unique()->comment('SHA-256 of what the session holds');
            $table->string('browser', 200);
            $table->string('address', 45);
            $table->timestamp('signed_in_at');
            $table->timestamp('seen_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['user_id', 'ended_at']);
        });
        foreach (['password_reset_tokens', 'invitation_tokens'] as $tokens) {
            Schema::create($tokens, function (Blueprint $table): void {
                $table->string('email')->primary();
                $table->string('token');
                $table->timestamp('created_at')->nullable();
            });
        }
        $this->recordDeeds();
    }

    private function recordDeeds(): void
    {
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->bigIncrements('id');
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
        });
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::statement("CREATE TRIGGER activity_log_no_{$change} BEFORE {$change} ON activity_log
                BEGIN SELECT RAISE(ABORT, 'The record of deeds is append-only.'); END");
        }
    }
};
