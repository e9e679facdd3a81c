<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use Illuminate\Support\Facades\Date;
use SensitiveParameter;

/**
 * A backup as a file: a line that says what it is, a line of facts as JSON, and the database, whole and checked by its
 * SHA-256, or the same encrypted by a passphrase (libsodium's secretstream over XChaCha20-Poly1305, its key by
 * Argon2id).
 * A backup of the first version is the bare database, and is read still.
 */
final readonly class BackupFile
{
    private const MAGIC = "IVYYOKE-BACKUP 2\n";

    private const BARE = "SQLite format 3\0";

    private const LONGEST_LINE = 2000;

    private const CHUNK = 65_536;

    private const SEALED = self::CHUNK + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES;

    /** @param  array<string, mixed>  $facts */
    private function __construct(private string $path, public array $facts, private int $begins)
    {
    }

    /** @throws BackupRefused where a file is none */
    public static function open(string $path): self
    {
        $file = is_file($path) ? fopen($path, 'rb') : false;
        if ($file === false) {
            throw BackupRefused::foreign();
        }
        $begin = (string) fread($file, strlen(self::MAGIC));
        if (str_starts_with($begin, self::BARE)) {
            fclose($file);

            return new self($path, [], 0);
        }
        $facts = $begin === self::MAGIC ? json_decode((string) fgets($file, self::LONGEST_LINE), true) : null;
        $begins = (int) ftell($file);
        fclose($file);

        return is_array($facts) ? new self($path, $facts, $begins) : throw BackupRefused::foreign();
    }

    public function isEncrypted(): bool
    {
        return ($this->facts['salt'] ?? null) !== null;
    }

    /**
     * Writes a database as a backup.
     *
     * @param  string  $passwords  "kept" or "left out", as its facts say
     *
     * @throws BackupRefused where it cannot be written; nothing is left of it
     */
    public static function write(
        string $database,
        string $to,
        #[SensitiveParameter] string $passphrase,
        string $passwords,
    ): void {
        $salt = $passphrase === '' ? null : random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $facts = [
            'made_at' => Date::now()->toIso8601String(),
            'bytes' => filesize($database),
            'sha256' => hash_file('sha256', $database),
            'passwords' => $passwords,
            'salt' => $salt === null ? null : base64_encode($salt),
        ];
        $part = "{$to}.part";
        $out = @fopen($part, 'wb');
        $in = fopen($database, 'rb');
        if ($out === false || $in === false) {
            throw BackupRefused::unwritable($to);
        }
        chmod($part, 0600);
        fwrite($out, self::MAGIC.json_encode($facts, JSON_THROW_ON_ERROR)."\n");
        $isWritten =
            $salt === null
                ? stream_copy_to_stream($in, $out) === filesize($database)
                : self::seal($in, $out, self::key($passphrase, $salt));
        $isWritten = $isWritten && fflush($out) && fsync($out);
        fclose($in);
        fclose($out);
        if (! $isWritten || ! rename($part, $to)) {
            @unlink($part);
            throw BackupRefused::unwritable($to);
        }
    }

    /**
     * Writes the database that is in it to a place of its own.
     *
     * @throws BackupRefused where it is damaged, cut off, or the passphrase does not fit
     */
    public function unpack(string $to, #[SensitiveParameter] string $passphrase): void
    {
        $in = fopen($this->path, 'rb');
        $out = @fopen($to, 'wb');
        if ($in === false || $out === false) {
            throw BackupRefused::unwritable($to);
        }
        chmod($to, 0600);
        fseek($in, $this->begins);
        try {
            $this->isEncrypted() ? $this->unseal($in, $out, $passphrase) : stream_copy_to_stream($in, $out);
        } finally {
            fclose($in);
            fclose($out);
        }
        $is = $this->facts['sha256'] ?? null;
        if ($is !== null && $is !== hash_file('sha256', $to)) {
            throw BackupRefused::damaged();
        }
    }

    /**
     * @param  resource  $in
     * @param  resource  $out
     */
    private static function seal($in, $out, string $key): bool
    {
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($key);
        $isWritten = fwrite($out, $header) === strlen($header);
        do {
            $chunk = (string) fread($in, self::CHUNK);
            $tag = feof($in)
                ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
            $sealed = sodium_crypto_secretstream_xchacha20poly1305_push($state, $chunk, '', $tag);
            $isWritten = $isWritten && fwrite($out, $sealed) === strlen($sealed);
        } while ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);

        return $isWritten;
    }

    /**
     * @param  resource  $in
     * @param  resource  $out
     */
    private function unseal($in, $out, string $passphrase): void
    {
        if ($passphrase === '') {
            throw BackupRefused::locked();
        }
        $salt = base64_decode((string) $this->facts['salt'], true);
        $header = (string) fread($in, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        if (
            $salt === false ||
            strlen($salt) !== SODIUM_CRYPTO_PWHASH_SALTBYTES ||
            strlen($header) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES
        ) {
            throw BackupRefused::damaged();
        }
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, self::key($passphrase, $salt));
        for (
            $isFirst = true, $tag = null;
            $tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL;
            $isFirst = false
        ) {
            $sealed = (string) stream_get_contents($in, self::SEALED);
            $opened =
                strlen($sealed) < SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES
                    ? false
                    : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed);
            if (! is_array($opened)) {
                throw $isFirst ? BackupRefused::wrongPassphrase() : BackupRefused::damaged();
            }
            [$chunk, $tag] = $opened;
            fwrite($out, $chunk);
        }
    }

    private static function key(#[SensitiveParameter] string $passphrase, string $salt): string
    {
        return sodium_crypto_pwhash(
            SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
            $passphrase,
            $salt,
            SODIUM_CRYPTO_PWHASH_OPSLIMIT_INTERACTIVE,
            SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE,
            SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );
    }
}
