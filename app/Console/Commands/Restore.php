<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Backups\BackupRefused;
use App\UseCases\Backups\Restore as Restoring;
use App\Words\Text;
use Illuminate\Console\Command;

final class Restore extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:restore {file : A backup of the shop} {--passphrase= : Where it is encrypted '.
        'by another one than the shop\'s own} {--check : Only tell whether it could be}';

    protected $description = 'Restore the whole shop from a backup; what is there now is kept first, '.
        'and everybody is signed out';

    public function handle(Restoring $restoring): int
    {
        /** @var string $file */
        $file = $this->argument('file');
        $prepared = storage_path('app/.prepared-'.bin2hex(random_bytes(6)));
        try {
            $restoring->prepare(
                $file,
                $prepared,
                is_string($this->option('passphrase')) ? $this->option('passphrase') : '',
            );
            if ($this->option('check') === true) {
                $this->output->writeln(Text::of('command.restorable', ['file' => $file]));

                return self::SUCCESS;
            }
            $kept = $restoring->apply($prepared, ['file' => basename($file)]);
        } catch (BackupRefused $refused) {
            $this->complain($refused->getMessage());

            return 2;
        } finally {
            @unlink($prepared);
        }
        $this->output->writeln(Text::of('command.restored', ['file' => $file, 'kept' => $kept]));

        return self::SUCCESS;
    }
}
