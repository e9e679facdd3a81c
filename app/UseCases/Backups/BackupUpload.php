<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use App\Models\User;

/**
 * A backup that is sent in parts: one at a time in a shop, each part after the one before, as long as the disk has room
 * for all of it.
 */
final readonly class BackupUpload
{
    public const LARGEST_BYTES = 4 * 1024 ** 3;

    private const ID = '/^[0-9a-f]{32}$/';

    private const NAME = '/^([0-9a-f]{32})-(\d{1,12})\.part$/';

    /** Somebody else's that has not gone on for so long makes way. */
    private const PATIENCE_SECONDS = 120;

    /** Stays free besides. */
    private const SPARE_BYTES = 200 * 1024 ** 2;

    public function __construct(private string $folder)
    {
    }

    /**
     * Takes the next part.
     *
     * @param  string  $id  made by the browser for this upload, 32 hexadecimal digits
     * @param  int  $at  bytes that came before
     * @param  int  $of  bytes of all of it
     * @return int bytes that are here now
     *
     * @throws BackupRefused
     */
    public function take(User $person, string $id, int $at, int $of, string $part): int
    {
        if (preg_match(self::ID, $id) !== 1 || $of < 1 || $of > self::LARGEST_BYTES) {
            throw BackupRefused::notSent();
        }
        $path = $this->path($person, $id);
        if ($at === 0) {
            $this->begin($path, $of);
        }
        $here = is_file($path) ? (int) filesize($path) : -1;
        if ($here !== $at || $at + strlen($part) > $of) {
            throw BackupRefused::notSent();
        }
        if (@file_put_contents($path, $part, FILE_APPEND | LOCK_EX) !== strlen($part)) {
            @unlink($path);
            throw BackupRefused::unwritable($this->folder);
        }
        // By the clock that says later whether its sender went away.
        touch($path, time());
        clearstatcache(true, $path);

        return (int) filesize($path);
    }

    /** What came, whole or not: the check of the backup says which. Null where nothing did. */
    public function file(User $person, string $id): ?string
    {
        $path = preg_match(self::ID, $id) === 1 ? $this->path($person, $id) : '';

        return is_file($path) ? $path : null;
    }

    private function path(User $person, string $id): string
    {
        return "{$this->folder}/{$id}-{$person->id}.part";
    }

    private function begin(string $path, int $of): void
    {
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0700, true);
        }
        $owner = preg_match(self::NAME, basename($path), $mine) === 1 ? $mine[2] : '';
        foreach (glob("{$this->folder}/*.part") ?: [] as $other) {
            $isTheirs = preg_match(self::NAME, basename($other), $whose) === 1 && $whose[2] !== $owner;
            if ($isTheirs && (int) @filemtime($other) > time() - self::PATIENCE_SECONDS) {
                throw BackupRefused::another();
            }
            @unlink($other);
        }
        if ((float) disk_free_space($this->folder) < 2.0 * $of + self::SPARE_BYTES) {
            throw BackupRefused::noRoom();
        }
        touch($path);
        chmod($path, 0600);
    }
}
