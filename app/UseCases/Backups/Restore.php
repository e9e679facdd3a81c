<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use App\UseCases\Audit\AuditEvent;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;
use SQLite3;
use Throwable;

/**
 * Puts the whole shop back as a backup has it. Writing stops; what is there is kept first; everything is replaced in
 * one
 * transaction; everybody is signed out. What was revoked, erased or left since the backup stays so.
 */
final readonly class Restore
{
    /** What an account holds in a backup that was exported without passwords. */
    public const NO_PASSWORD = '!';

    public function __construct(
        private BackupFolder $folder,
        private BackupCheck $check,
        private WritingGate $gate,
        private CarriedForward $forward,
    ) {
    }

    /**
     * A checked copy of what is in a file, brought up to date.
     *
     * @param  string  $to  where the copy goes
     *
     * @throws BackupRefused
     */
    public function prepare(string $file, string $to, #[SensitiveParameter] string $passphrase): void
    {
        try {
            BackupFile::open($file)->unpack(
                $to,
                $passphrase === '' ? $this->folder->passphrase() : $passphrase,
            );
            $this->check->pass($to);
        } catch (BackupRefused $refused) {
            @unlink($to);
            throw $refused;
        }
    }

    /**
     * @param  string  $prepared  as prepare() left it; it is gone afterwards
     * @param  array<string, string>  $says  of the deed: who, and which file
     * @return string the file in which what was there is kept
     *
     * @throws BackupRefused nothing was changed
     */
    public function apply(string $prepared, array $says): string
    {
        $kept = $this->gate->closed(function () use ($prepared, $says): string {
            $this->carryForward($prepared);
            DB::disconnect();
            $live = ShopCopy::open(DB::connection()->getDatabaseName());
            try {
                $attach = $live->prepare('ATTACH ? AS restored') ?: throw BackupRefused::busy();
                $attach->bindValue(1, $prepared);
                $attach->execute();
                // Whoever writes past the gate, from a console, waits here too.
                $live->exec('BEGIN IMMEDIATE');
                $kept = $this->folder->make('-before-restore');
                $this->replace($live, ['kept' => basename($kept)] + $says);
                $live->exec('COMMIT');
            } catch (BackupRefused $refused) {
                throw $refused;
            } catch (Throwable) {
                throw BackupRefused::busy();
            } finally {
                $live->close();
            }

            return $kept;
        });
        @unlink($prepared);

        return $kept;
    }

    /** @throws BackupRefused */
    private function carryForward(string $prepared): void
    {
        try {
            $this->forward->apply($prepared);
        } catch (Throwable $trouble) {
            report($trouble);
            throw BackupRefused::damaged();
        }
    }

    /** @param  array<string, string>  $says */
    private function replace(SQLite3 $live, array $says): void
    {
        $triggers = SchemaOf::rows($live, "SELECT name, sql FROM main.sqlite_master WHERE type = 'trigger'");
        foreach ($triggers as $trigger) {
            $live->exec('DROP TRIGGER main.'.SchemaOf::quoted((string) $trigger['name']));
        }
        $live->exec(
            'UPDATE restored.users SET password = coalesce((SELECT now.password FROM main.users now '.
                'WHERE lower(now.email) = lower(restored.users.email)), password) WHERE password = \''.
                self::NO_PASSWORD.
                '\'',
        );
        foreach (SchemaOf::tables($live) as $table) {
            $name = SchemaOf::quoted($table);
            $columns = implode(', ', array_map(SchemaOf::quoted(...), SchemaOf::columns($live, $table)));
            $live->exec("DELETE FROM main.{$name}");
            $live->exec("INSERT INTO main.{$name} ({$columns}) SELECT {$columns} FROM restored.{$name}");
        }
        $live->exec('DELETE FROM main.sqlite_sequence');
        $live->exec('INSERT INTO main.sqlite_sequence SELECT * FROM restored.sqlite_sequence');
        $live->exec('UPDATE main.sign_ins SET ended_at = CURRENT_TIMESTAMP WHERE ended_at IS NULL');
        $live->exec('DELETE FROM main.password_reset_tokens');
        $live->exec('DELETE FROM main.invitation_tokens');
        $this->record($live, $says);
        foreach ($triggers as $trigger) {
            $live->exec((string) $trigger['sql']);
        }
    }

    /**
     * In the shop that was put back, where whoever did it may not be known.
     *
     * @param  array<string, string>  $says
     */
    private function record(SQLite3 $live, array $says): void
    {
        $deed =
            $live->prepare(
                'INSERT INTO main.activity_log (log_name, description, event, properties, created_at, updated_at) '.
                    "VALUES ('deeds', :deed, :deed, :says, CURRENT_TIMESTAMP, CURRENT_TIMESTAMP)",
            ) ?:
            throw BackupRefused::busy();
        $deed->bindValue(':deed', AuditEvent::Restored->value);
        $deed->bindValue(':says', json_encode($says, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        $deed->execute();
    }
}
