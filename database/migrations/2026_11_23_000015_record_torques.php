<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('torques', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->string('fastener')->comment('its field on the hitch\'s sheet');
            $table->string('typed');
            $table->double('wrench_nm');
            $table->double('sheet_nm');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamp('done_at');
            $table->index('job_id');
        });
    }
};
