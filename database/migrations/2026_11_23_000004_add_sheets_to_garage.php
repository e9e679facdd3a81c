<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['vehicles', 'trailers', 'hitches'] as $part) {
            Schema::table($part, function (Blueprint $table): void {
                $table
                    ->json('sheet')
                    ->nullable()
                    ->comment('what its placards and makers say, canonical units in the keys');
            });
        }
    }
};
