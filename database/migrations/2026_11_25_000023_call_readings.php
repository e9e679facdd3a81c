<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table
                ->json('calling')
                ->nullable()
                ->comment('how a person takes readings that are called: sixteenths, pause in ms, aloud');
        });
    }
};
