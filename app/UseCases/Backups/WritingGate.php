<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Who writes holds the gate open; a restore closes it: it waits until whoever is writing is done, and nobody begins to
 * write until it is over. Between the processes of one machine, beside the database (flock).
 */
final readonly class WritingGate
{
    private const PATIENCE_SECONDS = 20;

    /** A restore that was cut off closes the gate for no longer. */
    private const STALE_SECONDS = 600;

    private string $lock;

    private string $closed;

    public function __construct()
    {
        $database = DB::connection()->getDatabaseName();
        $this->lock = "{$database}.writing";
        $this->closed = "{$database}.restoring";
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $write
     * @return T
     *
     * @throws WritingStopped nothing was written
     */
    public function write(Closure $write): mixed
    {
        if (str_starts_with($this->lock, ':memory:')) {
            return $write();
        }
        if ($this->isClosed()) {
            throw new WritingStopped;
        }
        $file = fopen($this->lock, 'c') ?: throw new WritingStopped;
        try {
            return flock($file, LOCK_SH | LOCK_NB) ? $write() : throw new WritingStopped;
        } finally {
            fclose($file);
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $alone  while nobody writes
     * @return T
     *
     * @throws BackupRefused where somebody goes on writing for too long
     */
    public function closed(Closure $alone): mixed
    {
        file_put_contents($this->closed, (string) getmypid());
        // By the clock that says later whether it is stale.
        touch($this->closed, time());
        $file = fopen($this->lock, 'c') ?: throw BackupRefused::unwritable($this->lock);
        try {
            for ($tries = 0; ! flock($file, LOCK_EX | LOCK_NB); $tries++) {
                $tries < self::PATIENCE_SECONDS * 20 ? usleep(50_000) : throw BackupRefused::busy();
            }

            return $alone();
        } finally {
            @unlink($this->closed);
            fclose($file);
        }
    }

    private function isClosed(): bool
    {
        clearstatcache(true, $this->closed);

        return is_file($this->closed) && (int) @filemtime($this->closed) > time() - self::STALE_SECONDS;
    }
}
