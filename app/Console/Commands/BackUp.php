<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup as Shop;
use App\UseCases\Shop\BackupRefused;
use App\Words\Text;
use Illuminate\Console\Command;

final class BackUp extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:backup {--to= : File to write; the shop\'s backup folder without it}';

    protected $description = 'Copy the whole shop to one file, while it is in use';

    public function handle(Shop $shop): int
    {
        $to = $this->option('to');
        try {
            $this->output->writeln(Text::of('command.backed_up', ['file' => $shop->make(is_string($to) ? $to : null)]));
        } catch (BackupRefused $refused) {
            $this->complain($refused->getMessage());

            return 2;
        }

        return self::SUCCESS;
    }
}
