<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup as Shop;
use App\UseCases\Shop\BackupRefused;
use App\Words\Text;
use Illuminate\Console\Command;

final class Restore extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:restore {file : A backup of the shop}';

    protected $description = 'Restore the whole shop from a backup; what is there now is kept first';

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
        $this->output->writeln(Text::of('command.restored', ['file' => $file, 'kept' => $kept]));

        return self::SUCCESS;
    }
}
