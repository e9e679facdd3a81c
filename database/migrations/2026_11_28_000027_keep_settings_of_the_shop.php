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
        Schema::create('shop_settings', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 60)->index();
            $table->json('value')->nullable()->comment('in the unit of the setting; null: as usual again');
            $table->foreignId('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->timestamp('set_at');
        });
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::statement("CREATE TRIGGER shop_settings_no_{$change} BEFORE {$change} ON shop_settings
                BEGIN SELECT RAISE(ABORT, 'The history of settings is append-only.'); END");
        }
    }
};
