<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\AnalysisResource;
use App\Interchange\Job\JobFile;
use App\Models\Job;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\Text;
use Illuminate\Console\Command;

final class Export extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:export {job : Number or mark of the job} {--to= : File to write; printed without it}';

    protected $description = 'Write a job with its rig and all its readings to a JSON file';

    public function handle(JobAnalyses $analyses, AnalysisResource $tells): int
    {
        /** @var string $asked */
        $asked = $this->argument('job');
        $job = Job::query()->where(ctype_digit($asked) ? 'id' : 'mark', $asked)->first();
        if (! $job instanceof Job) {
            $this->complain(Text::of('command.no_such_job', ['asked' => $asked]));

            return 2;
        }
        $json = (new JobFile($job, $tells->of($analyses->of($job))))->json();
        $to = $this->option('to');
        if (! is_string($to)) {
            $this->output->write($json);

            return self::SUCCESS;
        }
        if (@file_put_contents($to, $json) === false) {
            $this->complain(Text::of('command.not_writable', ['file' => $to]));

            return 2;
        }
        $this->output->writeln("{$job->title} is in {$to}.");

        return self::SUCCESS;
    }
}
