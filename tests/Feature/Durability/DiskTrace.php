<?php

declare(strict_types=1);

namespace Tests\Feature\Durability;

/**
 * What a program wrote to one file and what of it had reached the disk, read off a system call trace (strace -y).
 * Reached the
 * disk has what was written before a sync of that file; all else may be gone when the power is cut.
 */
final class DiskTrace
{
    private int $written = 0;

    private int $synced = 0;

    public int $syncs = 0;

    /** @var array<string, int> bytes of the file on the disk, by what the program said at that moment */
    public array $atWord = [];

    public function __construct(string $trace, private readonly string $file)
    {
        foreach (explode("\n", $trace) as $call) {
            $this->take($call);
        }
    }

    private function take(string $call): void
    {
        if (preg_match('/write\(1<[^>]*>, "(saved \d+)\\\\n"/', $call, $said) === 1) {
            $this->atWord[$said[1]] = $this->synced;
        }
        if (! str_contains($call, "<{$this->file}>")) {
            return;
        }
        if (preg_match('/pwrite64\(.*, (\d+), (\d+)\)\s+= \d+$/', $call, $wrote) === 1) {
            $this->written = max($this->written, (int) $wrote[1] + (int) $wrote[2]);
        }
        if (preg_match('/\bf(?:data)?sync\(/', $call) === 1) {
            $this->synced = $this->written;
            $this->syncs++;
        }
    }
}
