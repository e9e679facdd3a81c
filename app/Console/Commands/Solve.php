<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\BadField;
use App\Interchange\CaseFile;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

final class Solve extends Command
{
    private const BAD_INPUT = 2;

    protected $signature = 'yoke:solve {file : A case as JSON}';

    protected $description = 'Compute the stances of a case and print them as JSON';

    public function handle(): int
    {
        /** @var string $file */
        $file = $this->argument('file');
        try {
            $this->output->writeln($this->read($file)->solved());
        } catch (BadField $bad) {
            $this->complain($bad->getMessage());

            return self::BAD_INPUT;
        }

        return self::SUCCESS;
    }

    private function read(string $file): CaseFile
    {
        $json = is_file($file) ? file_get_contents($file) : false;
        if ($json === false) {
            throw BadField::at('file', "Expected a file that can be read, and {$file} is none.");
        }

        return CaseFile::ofJson($json);
    }

    /** One line on standard error. */
    private function complain(string $sentence): void
    {
        $output = $this->output->getOutput();
        $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $error->writeln($sentence);
    }
}
