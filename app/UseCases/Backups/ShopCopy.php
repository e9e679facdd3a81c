<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use Closure;
use Illuminate\Support\Facades\DB;
use SQLite3;
use Throwable;

/** A consistent copy of the shop's database in a file of its own, for as long as it is needed. */
final readonly class ShopCopy
{
    /** Of a database's header (PRAGMA application_id): "YOKE". */
    public const OURS = 0x594F4B45;

    private const BUSY_MS = 10_000;

    private function __construct(public string $path)
    {
    }

    /**
     * @param  string  $folder  where there is room for it
     * @param  Closure(self): mixed  $use
     *
     * @throws BackupRefused where the folder cannot be written
     */
    public static function of(string $folder, Closure $use): void
    {
        $path = $folder.'/.copy-'.bin2hex(random_bytes(6));
        try {
            self::copy(DB::connection()->getDatabaseName(), $path);
            $use(new self($path));
        } finally {
            @unlink($path);
        }
    }

    /** @throws BackupRefused */
    private static function copy(string $database, string $path): void
    {
        try {
            $live = self::open($database);
            $copy = new SQLite3($path);
            $copy->enableExceptions(true);
            chmod($path, 0600);
            $live->backup($copy);
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->exec('PRAGMA application_id = '.self::OURS);
            $copy->close();
            $live->close();
        } catch (BackupRefused $refused) {
            throw $refused;
        } catch (Throwable) {
            throw BackupRefused::unwritable(dirname($path));
        }
    }

    /** Another connection to a database of the shop, beside the framework's. */
    public static function open(string $database): SQLite3
    {
        // One that is gone is not made anew.
        $live = new SQLite3($database, SQLITE3_OPEN_READWRITE);
        $live->enableExceptions(true);
        $live->busyTimeout(self::BUSY_MS);

        return $live;
    }
}
