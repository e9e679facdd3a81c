<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Every change of what pages show leaves a new mark, of the job it belongs to or of the shop, so that a page kept from
 * before is known.
 */
return new class extends Migration
{
    /** Table => which job a row belongs to. */
    private const OF_JOBS = [
        'jobs' => '%s.id',
        'station_marks' => '%s.job_id',
        'rounds' => '%s.job_id',
        'readings' => '%s.job_id',
        'measures' => '%s.job_id',
        'tickets' => '%s.job_id',
        'tongue_readings' => '%s.job_id',
        'checks' => '%s.job_id',
        'procedure_runs' => '%s.job_id',
        'procedure_steps' => '(SELECT job_id FROM procedure_runs WHERE id = %s.procedure_run_id)',
        'road_tests' => '%s.job_id',
        'torques' => '%s.job_id',
        'bar_tapings' => '%s.job_id',
        'photos' => '%s.job_id',
        'card_links' => '%s.job_id',
        'simulations' => '%s.job_id',
    ];

    private const OF_THE_SHOP = [
        'vehicles',
        'trailers',
        'hitches',
        'rigs',
        'load_states',
        'care_records',
        'users',
        'shop_settings',
        'imports',
    ];

    public function up(): void
    {
        Schema::create('revisions', function (Blueprint $table): void {
            $table->string('of', 30)->primary()->comment('any, shop, or job:N');
            $table->string('mark', 16);
        });
        foreach (['any', 'shop'] as $of) {
            DB::statement("INSERT INTO revisions VALUES ('{$of}', hex(randomblob(8)))");
        }
        foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $change => $row) {
            foreach (self::OF_JOBS as $table => $job) {
                $this->mark($table, $change, "'job:' || ".sprintf($job, $row));
            }
            foreach (self::OF_THE_SHOP as $table) {
                $this->mark($table, $change, "'shop'");
            }
        }
    }

    private function mark(string $table, string $change, string $of): void
    {
        DB::statement("CREATE TRIGGER {$table}_marks_{$change} AFTER {$change} ON {$table} BEGIN
            INSERT OR REPLACE INTO revisions VALUES ({$of}, hex(randomblob(8))), ('any', hex(randomblob(8)));
        END");
    }
};
