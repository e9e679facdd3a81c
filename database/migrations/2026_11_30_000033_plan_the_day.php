<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Jobs get a time, a bay and a person; people a private calendar; customers their rigs; what is due is called about.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table
                ->unsignedSmallInteger('starts_minute')
                ->nullable()
                ->comment('after midnight, by the clock of the shop');
            $table->string('bay', 20)->nullable();
            $table->unsignedSmallInteger('planned_minutes')->nullable()->comment('foreseen when it got its time');
        });
        Schema::create('calendar_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('token', 64)->unique();
            $table->dateTime('made_at');
            $table->dateTime('revoked_at')->nullable();
        });
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('phone', 40)->nullable();
            $table->string('mail', 120)->nullable();
            $table->dateTime('agreed_at')->nullable()->comment('that the shop keeps this');
            $table->foreignId('agreed_with')->nullable()->constrained('users');
            $table->timestamps();
        });
        // Added in place: a table that is made anew loses its triggers.
        DB::statement('ALTER TABLE jobs ADD COLUMN person_id INTEGER REFERENCES users (id)');
        DB::statement('ALTER TABLE rigs ADD COLUMN customer_id INTEGER REFERENCES customers (id)');
        Schema::create('reminder_calls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rig_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('outcome', 20);
            $table->dateTime('called_at');
        });
        foreach (['customers', 'reminder_calls'] as $table) {
            foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $change => $row) {
                DB::statement("CREATE TRIGGER {$table}_marks_{$change} AFTER {$change} ON {$table} BEGIN
                    INSERT OR REPLACE INTO revisions VALUES ('shop', hex(randomblob(8))), ('any', hex(randomblob(8)));
                END");
            }
        }
    }
};
