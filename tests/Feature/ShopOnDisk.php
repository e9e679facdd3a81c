<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Backups\BackupFolder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\FeatureCase;

/** A shop in a database file of its own, in place of the one in memory: for what is done with files. */
final class ShopOnDisk
{
    public readonly string $folder;

    public readonly string $database;

    public readonly BackupFolder $backups;

    public readonly ?Job $job;

    /** @param  class-string|null  $seeder  what fills it, in place of one person and one job */
    public function __construct(FeatureCase $case, ?string $seeder = null)
    {
        $this->folder = sys_get_temp_dir().'/yoke-'.bin2hex(random_bytes(6));
        $this->database = "{$this->folder}/shop.sqlite";
        mkdir($this->folder);
        touch($this->database);
        config([
            'database.connections.shop' => ['database' => $this->database] + (array) config('database.connections.sqlite'),
            'database.default' => 'shop',
        ]);
        app()->instance(BackupFolder::class, $this->backups = new BackupFolder("{$this->folder}/kept", '', ''));
        Artisan::call('migrate', ['--force' => true]);
        if ($seeder !== null) {
            $case->seed($seeder);
        }
        $this->job = $seeder === null ? $case->job() : null;
        $case->actingAs($seeder === null ? $case->person('Ibby Marsh', '1 mm') : User::query()->firstOrFail());
    }

    /** Back to the database in memory; the folder goes. */
    public function close(): void
    {
        DB::purge('shop');
        config(['database.default' => 'sqlite']);
        File::deleteDirectory($this->folder);
    }
}
