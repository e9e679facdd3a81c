<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['vehicles', 'trailers', 'hitches', 'rigs', 'jobs'] as $marked) {
            Schema::table($marked, function (Blueprint $table): void {
                $table->string('mark', 36)->nullable()->unique()->comment('the same in every shop and file');
            });
            foreach (DB::table($marked)->pluck('id') as $id) {
                DB::table($marked)->where('id', $id)->update(['mark' => (string) Str::uuid()]);
            }
        }
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('extra')->nullable()->comment('fields of its file that are not known here, by pointer');
        });
    }
};
