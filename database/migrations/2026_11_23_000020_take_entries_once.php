<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sent_entries', function (Blueprint $table): void {
            $table->string('mark', 36)->primary()->comment('made by the browser for one sending');
            $table->json('answer')->nullable()->comment('what the browser has to know of it when it asks again');
            $table->timestamp('sent_at')->index();
        });
    }
};
