<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\AdviceFile;
use Illuminate\Console\Command;

final class Advise extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:advise {file : A job with its readings as JSON}';

    protected $description = 'Read a job and print what its readings tell, and the next move, as JSON';

    public function handle(): int
    {
        /** @var string $file */
        $file = $this->argument('file');

        return $this->answer($file, static fn (string $json): string => AdviceFile::ofJson($json)->advised());
    }
}
