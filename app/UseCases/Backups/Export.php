<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use SensitiveParameter;
use SQLite3;

/**
 * A backup to take off the server: without anybody's password, tokens and calendar addresses unless that is asked for,
 * and encrypted where a passphrase is given.
 */
final readonly class Export
{
    public function __construct(private BackupFolder $folder)
    {
    }

    /**
     * @param  string  $backup  of the shop's folder
     * @param  string  $passwords  "kept" or "left out"
     * @return string a file that is the caller's to send and to delete
     *
     * @throws BackupRefused
     */
    public function of(string $backup, string $passwords, #[SensitiveParameter] string $passphrase): string
    {
        $database = dirname($backup).'/.export-'.bin2hex(random_bytes(6));
        try {
            BackupFile::open($backup)->unpack($database, $this->folder->passphrase());
            if ($passwords !== 'kept') {
                $this->forgetPasswords($database);
            }
            BackupFile::write($database, "{$database}.yoke", $passphrase, $passwords);
        } finally {
            @unlink($database);
        }

        return "{$database}.yoke";
    }

    private function forgetPasswords(string $database): void
    {
        $copy = new SQLite3($database);
        $copy->enableExceptions(true);
        $copy->exec("UPDATE users SET password = '".Restore::NO_PASSWORD."', remember_token = NULL");
        foreach (['sign_ins', 'password_reset_tokens', 'invitation_tokens', 'api_tokens', 'calendar_links'] as $table) {
            if ((int) $copy->querySingle("SELECT count(*) FROM sqlite_master WHERE name = '{$table}'") > 0) {
                $copy->exec("DELETE FROM {$table}");
            }
        }
        // What was overwritten is in no page of the file either.
        $copy->exec('VACUUM');
        $copy->close();
    }
}
