<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\CaseFile;
use Illuminate\Console\Command;

final class Solve extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:solve {file : A case as JSON}';

    protected $description = 'Compute the stances of a case and print them as JSON';

    public function handle(): int
    {
        /** @var string $file */
        $file = $this->argument('file');

        return $this->answer($file, static fn (string $json): string => CaseFile::ofJson($json)->solved());
    }
}
