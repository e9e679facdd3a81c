<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Backups\BackupFolder;
use App\UseCases\Backups\BackupRefused;
use App\Words\Text;
use Illuminate\Console\Command;
use Yoke\Job\Shop\ShopSettings;

final class BackUp extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:backup {--to= : File to write; the shop\'s backup folder without it} {--prune '.
        ': Then take those away that newer ones stand for}';

    protected $description = 'Copy the whole shop to one file, while it is in use';

    public function handle(BackupFolder $folder, AuditLog $deeds, ShopSettings $settings): int
    {
        $to = $this->option('to');
        try {
            $file = is_string($to) ? $to : $folder->make();
            is_string($to) && $folder->makeAt($file);
        } catch (BackupRefused $refused) {
            $this->complain($refused->getMessage());

            return 2;
        }
        $deeds->record(AuditEvent::BackedUp, null, ['file' => basename($file)]);
        $this->output->writeln(Text::of('command.backed_up', ['file' => $file]));
        foreach ($this->option('prune') === true ? $folder->prune($settings) : [] as $gone) {
            $this->output->writeln(Text::of('command.pruned', ['file' => $gone]));
        }

        return self::SUCCESS;
    }
}
