<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup as Shop;
use App\UseCases\Shop\BackupRefused;
use Illuminate\Console\Command;

final class Restore extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:restore {file : A backup of the shop}';

    protected $description = 'Put the whole shop back as a backup has it; what is there is kept first';

    public function handle(Shop $shop): int
    {
        /** @var string $file */
        $file = $this->argument('file');
        try {
            $kept = $shop->restore($file);
        } catch (BackupRefused $refused) {
            $this->complain($refused->getMessage());

            return 2;
        }
        $this->callSilently('migrate', ['--force' => true]);
        $this->output->writeln("The shop is as {$file} has it. What was there is kept in {$kept}.");

        return self::SUCCESS;
    }
}
