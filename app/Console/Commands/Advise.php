<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\AdviceFile;
use App\Interchange\BadField;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Yoke\Job\Shop\ShopSettings;

final class Advise extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:advise {file? : A job with its readings as JSON} {--lines : Jobs on standard '.
        'input, one a line; one answer a line}';

    protected $description = 'Print what the readings of a job tell, and the next move, as JSON';

    public function handle(ShopSettings $shop): int
    {
        if ($this->option('lines') === true) {
            return $this->lines($shop);
        }
        $file = $this->argument('file');

        return $this->answer(
            is_string($file) ? $file : '',
            static fn (string $json): string => AdviceFile::ofJson($json, $shop)->advised(),
        );
    }

    /** A bad line is answered with its field, and the next is read. */
    private function lines(ShopSettings $shop): int
    {
        $input = fopen('php://stdin', 'r');
        while ($input !== false && ($line = fgets($input)) !== false) {
            try {
                $this->output->writeln(
                    AdviceFile::ofJson($line, $shop)->advised(0),
                    OutputInterface::OUTPUT_RAW,
                );
            } catch (BadField $bad) {
                $this->output->writeln(
                    (string) json_encode(
                        ['error' => $bad->getMessage()],
                        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                    ),
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }

        return self::SUCCESS;
    }
}
