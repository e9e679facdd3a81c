<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rounds', function (Blueprint $table): void {
            $table->string('set_by', 8)->nullable()->comment('jack or lever; null where nobody said');
            $table->boolean('is_counted')->default(false)->comment('whether the setting was counted again');
        });
    }
};
