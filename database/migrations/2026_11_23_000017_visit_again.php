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
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('start')->nullable()->comment('of a return visit: the steps to start at, and those it was left at');
            $table->index(['rig_id', 'booked_on']);
        });
        // Added by hand: the framework would build the table anew, and the triggers on its readings forbid that.
        DB::statement('ALTER TABLE jobs ADD COLUMN earlier_job_id INTEGER REFERENCES jobs (id) ON DELETE RESTRICT');
    }
};
