<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A line of a care book says what was found: springs that sag, a worn socket. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('care_records', function (Blueprint $table): void {
            $table->string('found', 300)->nullable()->comment('what somebody saw, in their words');
        });
    }
};
