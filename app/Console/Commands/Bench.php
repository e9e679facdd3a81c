<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Words\Text;
use Closure;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Process\Process;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Simulation\Contest\AdviceBenchmark;
use Yoke\Proving\Simulation\Contest\Benchmark;
use Yoke\Proving\Simulation\Contest\Tally;
use Yoke\Proving\Simulation\Contest\TicketContest;
use Yoke\Proving\Simulation\Shop\HowTaped;
use Yoke\Proving\Simulation\Shop\LearningShop;
use Yoke\Proving\Simulation\StanceBenchmark;
use Yoke\Proving\Simulation\World\Trouble;
use Yoke\Proving\Simulation\World\World;

final class Bench extends Command
{
    protected $signature = 'yoke:bench
        {--stances=100000 : How many stances of the forward model to time}
        {--rigs=0 : How many simulated rigs to set up, by hand and by the advice}
        {--world=plain : How far they depart from what the advice reckons with: plain, moderate or full}
        {--trouble= : What goes wrong at every rig: slip:dropped:rear, jack and the like (docs/model.md has them all)}
        {--tickets=0 : How many simulated rigs to weigh, alone, dropped and carried}
        {--shop=0 : How many rigs a simulated shop sets up and learns from}
        {--seed=1 : What the rigs are drawn from}
        {--json : Print JSON}';

    private const ADVICES = 200;

    /** Of a shop's rigs so many are counted at its start and at its end. */
    private const COUNTED = 50;

    /** From so many rigs on a run is compiled, and this says that it is. */
    private const WORTH_COMPILING = 300;

    private const COMPILED = 'YOKE_BENCH_COMPILED';

    /** A long run says after so many rigs how far it is. */
    private const RIGS_A_LINE = 500;

    protected $description = 'Time the model on this machine, play the advice against one step at a time, and '.
        'print what was measured';

    public function handle(): int
    {
        $world = World::tryFrom($this->word('world'));
        $trouble = $this->word('trouble') === '' ? Trouble::none() : Trouble::named($this->word('trouble'));
        if ($world === null || $trouble === null) {
            $this->error(
                Text::of($world === null ? 'command.worlds' : 'command.troubles', [
                    'given' => $this->word($world === null ? 'world' : 'trouble'),
                ]),
            );

            return self::INVALID;
        }
        if ((int) $this->option('rigs') >= self::WORTH_COMPILING && getenv(self::COMPILED) === false) {
            return $this->compiled();
        }
        $stances = max(1, (int) $this->option('stances'));
        $measured = [
            'stances' => $stances,
            'microseconds_per_stance' => round($this->microseconds($stances), 3),
        ];
        $measured['milliseconds_per_advice'] = round(
            (new AdviceBenchmark($this->clock(), (int) $this->option('seed')))->run(self::ADVICES),
            2,
        );
        $rigs = (int) $this->option('rigs');
        if ($rigs > 0) {
            $measured += $this->contest($rigs, new Benchmark((int) $this->option('seed'), $world, $trouble));
        }
        $tickets = (int) $this->option('tickets');
        if ($tickets > 0) {
            $measured['tickets'] = [
                'rigs' => $tickets,
                ...self::rounded((new TicketContest((int) $this->option('seed')))->run($tickets)),
            ];
        }
        if ((int) $this->option('shop') > 0) {
            $measured['shop'] = $this->shop((int) $this->option('shop'));
        }
        $measured['peak_memory_mib'] = round(memory_get_peak_usage(true) / 1024 ** 2, 1);
        $this->print($measured);

        return self::SUCCESS;
    }

    /** The same in a process of its own whose PHP is compiled as it runs: nearly half the time on a long run. */
    private function compiled(): int
    {
        $compiler = [
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'opcache.jit=tracing',
            '-d',
            'opcache.jit_buffer_size=64M',
        ];
        $options = [];
        foreach (['stances', 'rigs', 'world', 'trouble', 'tickets', 'shop', 'seed'] as $option) {
            $options[] = "--{$option}={$this->word($option)}";
        }
        $process = new Process(
            [
                PHP_BINARY,
                ...$compiler,
                base_path('artisan'),
                'yoke:bench',
                ...$options,
                ...$this->option('json') ? ['--json'] : [],
            ],
            null,
            [self::COMPILED => '1'],
            null,
            null,
        );
        $error = $this->errorOutput();

        return $process->run(
            fn (string $type, string $printed) => $type === Process::ERR
                ? $error->write($printed, false, OutputInterface::OUTPUT_RAW)
                : $this->output->write($printed, false, OutputInterface::OUTPUT_RAW),
        );
    }

    /** @return array<string, mixed> figures of the first and the last of its rigs, untaped and taped */
    private function shop(int $rigs): array
    {
        $counted = max(1, min(self::COUNTED, intdiv($rigs, 2)));
        $shop = new LearningShop((int) $this->option('seed'), ShopRules::usual()->priors);
        $measured = ['rigs' => $rigs, 'counted' => $counted, 'seed' => (int) $this->option('seed')];
        foreach (HowTaped::cases() as $taped) {
            $measured[$taped->value] = array_map(self::rounded(...), $shop->run($rigs, $counted, $taped));
        }

        return $measured;
    }

    private function microseconds(int $stances): float
    {
        return (new StanceBenchmark($this->clock()))->run($stances);
    }

    /** @return Closure(): float seconds */
    private function clock(): Closure
    {
        return static fn (): float => hrtime(true) / 1e9;
    }

    private function word(string $option): string
    {
        $given = $this->option($option);

        return is_string($given) ? $given : '';
    }

    /** @return array<string, mixed> */
    private function contest(int $rigs, Benchmark $benchmark): array
    {
        $began = hrtime(true);
        $tallies = $benchmark->run($rigs, $this->progress($rigs, $began));

        return [
            'rigs' => $rigs,
            'world' => $this->word('world'),
            'trouble' => $this->word('trouble') ?: 'none',
            'seed' => (int) $this->option('seed'),
            'seconds' => round((hrtime(true) - $began) / 1e9, 1),
            'players' => array_map(
                static fn (Tally $tally): array => self::rounded([
                    ...$tally->figures(),
                    ...$tally->honesty(),
                    ...$tally->foresight(),
                    ...$tally->doubts(),
                ]),
                $tallies,
            ),
            'claimed_at_the_end' => array_map(self::rounded(...), $tallies['advised']->claimedAtTheEnd()),
            'calibration' => array_map(self::rounded(...), $tallies['advised']->calibration()),
        ];
    }

    /**
     * A line on standard error now and then, so that a long run is seen to go forward.
     *
     * @return Closure(int): void
     */
    private function progress(int $rigs, int $began): Closure
    {
        $error = $this->errorOutput();

        return static function (int $played) use ($rigs, $began, $error): void {
            if ($played % self::RIGS_A_LINE === 0) {
                $error->writeln(
                    Text::of('command.rigs_played', [
                        'played' => $played,
                        'rigs' => $rigs,
                        'seconds' => (string) round((hrtime(true) - $began) / 1e9),
                    ]),
                );
            }
        };
    }

    private function errorOutput(): OutputInterface
    {
        $output = $this->output->getOutput();

        return $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
    }

    /**
     * @param  array<string, int|float>  $figures
     * @return array<string, int|float>
     */
    private static function rounded(array $figures): array
    {
        return array_map(
            static fn (int|float $figure): int|float => is_int($figure) ? $figure : round($figure, 4),
            $figures,
        );
    }

    /** @param  array<array-key, mixed>  $measured */
    private function print(array $measured, string $under = ''): void
    {
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode($measured));

            return;
        }
        foreach ($measured as $name => $value) {
            $label = $under.str_replace('_', ' ', (string) $name);
            if (is_array($value)) {
                $this->output->writeln($label);
                $this->print($value, "{$under}    ");
            } else {
                $this->output->writeln(sprintf('%-34s %s', $label, is_scalar($value) ? $value : ''));
            }
        }
    }
}
