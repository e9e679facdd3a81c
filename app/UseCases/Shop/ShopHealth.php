<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Support\Facades\DB;
use PDOException;

/** Whether the shop can be worked in: its database answers and is set up, and its disk has room for more. */
final readonly class ShopHealth
{
    private const LEAST_FREE_BYTES = 200_000_000;

    /** @param  string  $backups  the folder of the backups */
    public function __construct(private string $backups)
    {
    }

    /** It answers, it is set up, and it can be written; nothing is locked to find that out. */
    public function hasDatabase(): bool
    {
        $file = DB::connection()->getDatabaseName();
        try {
            return DB::table('migrations')->exists() &&
                ($file === ':memory:' || (is_writable($file) && is_writable(dirname($file))));
        } catch (PDOException|SQLiteDatabaseDoesNotExistException) {
            return false;
        }
    }

    /** On the disk of the database and on that of the backups. */
    public function hasRoom(): bool
    {
        $places = [
            dirname(DB::connection()->getDatabaseName()),
            is_dir($this->backups) ? $this->backups : dirname($this->backups),
        ];
        foreach (array_filter($places, is_dir(...)) as $place) {
            if ((float) disk_free_space($place) < self::LEAST_FREE_BYTES) {
                return false;
            }
        }

        return true;
    }
}
