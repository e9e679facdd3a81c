<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['vehicles', 'trailers', 'hitches', 'rigs'] as $kept) {
            Schema::table($kept, function (Blueprint $table): void {
                $table
                    ->timestamp('archived_at')
                    ->nullable()
                    ->index()
                    ->comment('put away: nothing that a job used is deleted');
            });
        }
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('head_place')->nullable()->comment('where the head was bolted, by whom, and why there');
        });
    }
};
