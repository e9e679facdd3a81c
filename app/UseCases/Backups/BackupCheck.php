<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use SQLite3;
use Throwable;

/** Whether a database that came in a backup is this program's, whole, and nothing but it; and brings it up to date. */
final class BackupCheck
{
    /**
     * @throws BackupRefused
     */
    public function pass(string $database): void
    {
        $this->isOurs($database);
        try {
            $found = new SQLite3($database, SQLITE3_OPEN_READONLY);
            $found->enableExceptions(true);
            $isWhole =
                $found->querySingle('PRAGMA integrity_check') === 'ok' &&
                $found->querySingle('PRAGMA foreign_key_check') === null;
            $steps = array_map(
                static fn (array $row): string => (string) $row['migration'],
                SchemaOf::rows($found, 'SELECT migration FROM migrations ORDER BY migration'),
            );
            $schema = SchemaOf::database($found);
            $found->close();
        } catch (Throwable) {
            throw BackupRefused::damaged();
        }
        if (! $isWhole) {
            throw BackupRefused::damaged();
        }
        if (array_diff($steps, array_keys(self::steps())) !== []) {
            throw BackupRefused::newer();
        }
        if ($this->schemaAfter($steps) !== $schema) {
            throw BackupRefused::altered();
        }
        $this->migrate('restoring', $database, self::steps());
        if (! $this->hasOwner($database)) {
            throw BackupRefused::nobody();
        }
    }

    private function isOurs(string $database): void
    {
        $header = (string) file_get_contents($database, false, null, 0, 72);
        if (
            strlen($header) < 72 ||
            ! str_starts_with($header, "SQLite format 3\0") ||
            unpack('N', substr($header, 68, 4)) !== [1 => ShopCopy::OURS]
        ) {
            throw BackupRefused::foreign();
        }
    }

    /**
     * What this program itself makes by the same steps.
     *
     * @param  list<string>  $steps
     * @return array<string, mixed>
     */
    private function schemaAfter(array $steps): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'yoke');
        try {
            $this->reference($path, $steps);
            $made = new SQLite3($path, SQLITE3_OPEN_READONLY);
            $schema = SchemaOf::database($made);
            $made->close();
        } finally {
            @unlink($path);
        }

        return $schema;
    }

    /** @param  list<string>  $steps */
    private function reference(string $path, array $steps): void
    {
        try {
            $this->migrate('reference', $path, array_intersect_key(self::steps(), array_flip($steps)));
        } catch (BackupRefused) {
            // Steps that do not follow on each other are none of this program's.
            throw BackupRefused::altered();
        }
    }

    /** @param  array<string, string>  $steps */
    private function migrate(string $connection, string $database, array $steps): void
    {
        config([
            "database.connections.{$connection}" => [
                'database' => $database,
                'journal_mode' => 'DELETE',
                'synchronous' => 'OFF',
            ] + (array) config('database.connections.sqlite'),
        ]);
        try {
            Artisan::call('migrate', [
                '--database' => $connection,
                '--force' => true,
                '--realpath' => true,
                '--path' => array_values($steps),
            ]);
        } catch (Throwable) {
            throw BackupRefused::damaged();
        } finally {
            DB::purge($connection);
        }
    }

    private function hasOwner(string $database): bool
    {
        $found = new SQLite3($database, SQLITE3_OPEN_READONLY);
        $owners = (int) $found->querySingle(
            "SELECT count(*) FROM users WHERE (role = 'owner' OR role_standing = 'asked') AND left_at IS NULL",
        );
        $found->close();

        return $owners > 0;
    }

    /** @return array<string, string> paths of this program's migrations by name */
    private static function steps(): array
    {
        $paths = glob(database_path('migrations/*.php')) ?: [];

        return array_combine(
            array_map(static fn (string $path): string => basename($path, '.php'), $paths),
            $paths,
        );
    }
}
