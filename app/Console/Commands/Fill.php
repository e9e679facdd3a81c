<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\Words\Text;
use Database\Seeders\ManyJobs;
use Illuminate\Console\Command;

final class Fill extends Command
{
    use ReadsJson;

    /** A shop with more jobs than the demo's is somebody's own. */
    private const DEMO_JOBS = 20;

    protected $signature = 'yoke:fill {--jobs=10000} {--readings=250000 : In all, at least four a job}';

    protected $description = 'Fill the demo workshop with many invented jobs, to measure it under load';

    public function handle(): int
    {
        $jobs = (int) $this->option('jobs');
        $readings = (int) $this->option('readings');
        if ($jobs < 1 || $readings < 4 * $jobs) {
            $this->complain(Text::of('command.how_many'));

            return 2;
        }
        if (Job::query()->count() > self::DEMO_JOBS) {
            $this->complain(Text::of('command.not_fresh'));

            return 2;
        }
        $bar = $this->output->createProgressBar($jobs);
        (new ManyJobs($jobs, $readings))->run($bar->setProgress(...));
        $bar->finish();
        $this->output->newLine();

        return self::SUCCESS;
    }
}
