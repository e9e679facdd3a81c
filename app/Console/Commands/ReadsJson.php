<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\BadField;
use Closure;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** A command that reads one JSON file and prints another; bad input is one line on standard error, exit 2. */
trait ReadsJson
{
    /** @param  Closure(string): string  $answer  from JSON to JSON */
    private function answer(string $file, Closure $answer): int
    {
        try {
            $this->output->writeln($answer($this->read($file)));
        } catch (BadField $bad) {
            $this->complain($bad->getMessage());

            return 2;
        }

        return self::SUCCESS;
    }

    private function read(string $file): string
    {
        $json = is_file($file) ? file_get_contents($file) : false;

        return $json === false
            ? throw BadField::at('file', "Expected a file that can be read, and {$file} is none.")
            : $json;
    }

    private function complain(string $sentence): void
    {
        $output = $this->output->getOutput();
        $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $error->writeln($sentence);
    }
}
