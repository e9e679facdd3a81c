<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Yoke\Yard\StanceBenchmark;

final class Benchmark extends Command
{
    protected $signature = 'yoke:bench {--stances=100000 : How many stances to time} {--json : Print JSON}';

    protected $description = 'Time the model on this machine and print what was measured';

    public function handle(): int
    {
        $stances = max(1, (int) $this->option('stances'));
        $measured = [
            'stances' => $stances,
            'microseconds_per_stance' => round($this->microseconds($stances), 3),
            'peak_memory_mib' => round(memory_get_peak_usage(true) / 1024 ** 2, 1),
        ];
        $this->print($measured);

        return self::SUCCESS;
    }

    private function microseconds(int $stances): float
    {
        return (new StanceBenchmark(static fn (): float => hrtime(true) / 1e9))->run($stances);
    }

    /** @param  array<string, int|float>  $measured */
    private function print(array $measured): void
    {
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode($measured));

            return;
        }
        foreach ($measured as $name => $value) {
            $this->output->writeln(sprintf('%-26s %s', str_replace('_', ' ', $name), $value));
        }
    }
}
