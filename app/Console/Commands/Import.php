<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Job\FileCheck;
use App\Interchange\Job\ImportRefused;
use App\Interchange\Job\TakeJobIn;
use App\Interchange\Job\WhenItExists;
use App\Words\Text;
use Illuminate\Console\Command;

final class Import extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:import {file : A job file} {--if-exists=stop : merge, copy or stop where its '.
        'rig is here already}';

    protected $description = 'Import a job with its rig and all its readings from a JSON file';

    public function handle(TakeJobIn $door): int
    {
        /** @var string $file */
        $file = $this->argument('file');
        $asked = $this->option('if-exists');
        $then = WhenItExists::tryFrom(is_string($asked) ? $asked : '');
        if ($then === null) {
            $this->complain(Text::of('command.if_exists'));

            return 2;
        }
        try {
            $taken = $door->atTheConsole(FileCheck::contents($file), $then, basename($file));
        } catch (ImportRefused $refused) {
            $this->complain($refused->getMessage());

            return 2;
        }
        $this->output->writeln("{$taken->job->title} is taken in as job {$taken->job->id}.");
        foreach ($taken->unknown() as $pointer) {
            $this->output->writeln(Text::of('command.kept', ['pointer' => $pointer]));
        }

        return self::SUCCESS;
    }
}
