<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Support\Facades\DB;
use SQLite3;
use Throwable;

/**
 * Shop and backups as one file: a consistent copy of the database while it is in use, and back. What is restored replaces
 * everything in one go; what was there is kept beside it first.
 */
final readonly class Backup
{
    /** Of the file's header (PRAGMA application_id): "YOKE". */
    private const OURS = 0x594F4B45;

    private const BUSY_MS = 10_000;

    private const NAME = '/^shop-\d{8}-\d{6}(-before-restore)?(-\d+)?\.yoke$/';

    public function __construct(private string $folder)
    {
    }

    /** @return list<array{name: string, bytes: int, at: int}> the latest first */
    public function all(): array
    {
        $files = array_filter(glob("{$this->folder}/*.yoke") ?: [], fn (string $file): bool => $this->path(basename($file)) !== null);
        rsort($files);

        return array_map(static fn (string $file): array => ['name' => basename($file), 'bytes' => (int) filesize($file), 'at' => (int) filemtime($file)], $files);
    }

    /** The path of a backup of this folder; null for any other name. */
    public function path(string $name): ?string
    {
        return preg_match(self::NAME, $name) === 1 && is_file("{$this->folder}/{$name}") ? "{$this->folder}/{$name}" : null;
    }

    /**
     * Copies the shop to a file, or to the folder under the moment's name.
     *
     * @throws BackupRefused
     */
    public function make(?string $to = null, string $kind = ''): string
    {
        $file = $to ?? $this->free($kind);
        if (is_file($file) && filesize($file) > 0) {
            throw BackupRefused::exists($file);
        }
        $live = $this->live();
        try {
            $copy = new SQLite3($file);
            $copy->enableExceptions(true);
            $live->backup($copy);
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->exec('PRAGMA application_id = '.self::OURS);
            $copy->close();
        } catch (Throwable) {
            throw BackupRefused::unwritable($file);
        } finally {
            $live->close();
        }

        return $file;
    }

    /**
     * Puts the shop back as a file has it, after keeping what is there.
     *
     * @return string the file in which what was there is kept
     *
     * @throws BackupRefused nothing was changed
     */
    public function restore(string $file): string
    {
        $this->check($file);
        $kept = $this->make(null, '-before-restore');
        DB::disconnect();
        $live = $this->live();
        $backup = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $backup->enableExceptions(true);
        try {
            $backup->backup($live);
            $live->exec('PRAGMA journal_mode = WAL');
        } catch (Throwable) {
            throw BackupRefused::busy();
        } finally {
            $backup->close();
            $live->close();
        }

        return $kept;
    }

    /**
     * @throws BackupRefused where a file is not a backup of this program that it can read
     */
    public function check(string $file): void
    {
        $header = is_file($file) ? (string) file_get_contents($file, false, null, 0, 72) : '';
        if (! str_starts_with($header, "SQLite format 3\0") || strlen($header) < 72 || unpack('N', substr($header, 68, 4)) !== [1 => self::OURS]) {
            throw BackupRefused::foreign();
        }
        try {
            $backup = new SQLite3($file, SQLITE3_OPEN_READONLY);
            $backup->enableExceptions(true);
            $isWhole = $backup->querySingle('PRAGMA integrity_check') === 'ok' && $backup->querySingle('PRAGMA foreign_key_check') === null;
            $steps = $backup->query('SELECT migration FROM migrations') ?: throw BackupRefused::damaged();
            $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
            while (is_array($step = $steps->fetchArray(SQLITE3_NUM))) {
                $isNewer = ($isNewer ?? false) || ! in_array($step[0], $known, true);
            }
            $backup->close();
        } catch (Throwable) {
            throw BackupRefused::damaged();
        }
        if (! $isWhole) {
            throw BackupRefused::damaged();
        }
        if ($isNewer ?? false) {
            throw BackupRefused::newer();
        }
    }

    private function live(): SQLite3
    {
        $live = new SQLite3(DB::connection()->getDatabaseName());
        $live->enableExceptions(true);
        $live->busyTimeout(self::BUSY_MS);

        return $live;
    }

    private function free(string $kind): string
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true)) {
            throw BackupRefused::unwritable($this->folder);
        }
        $name = "{$this->folder}/shop-".date('Ymd-His').$kind;
        for ($more = 1, $file = "{$name}.yoke"; is_file($file); $more++) {
            $file = "{$name}-{$more}.yoke";
        }

        return $file;
    }
}
