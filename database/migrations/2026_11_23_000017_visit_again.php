<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table
                ->json('start')
                ->nullable()
                ->comment('of a return visit: the steps to start at, and those it was left at');
            $table->string('earlier_mark')->nullable()->comment('mark of the job that a return visit starts from');
            $table->index(['rig_id', 'booked_on']);
        });
    }
};
