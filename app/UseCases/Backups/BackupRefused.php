<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use RuntimeException;

/** A backup that cannot be made or put back; the shop is as it was. */
final class BackupRefused extends RuntimeException
{
    public static function foreign(): self
    {
        return new self('Expected a backup made by this program, and this file is none. The shop is as it was.');
    }

    public static function damaged(): self
    {
        return new self('This backup is damaged or cut off. The shop is as it was.');
    }

    public static function newer(): self
    {
        return new self('This backup was made by a newer version of this program. Bring the program up to date first. The shop is as it was.');
    }

    public static function notSent(): self
    {
        return new self('Expected a backup file, and none arrived. The shop is as it was.');
    }

    public static function altered(): self
    {
        return new self('This backup has tables, columns, triggers or views that this program did not make, or lacks some. The shop is as it was.');
    }

    public static function nobody(): self
    {
        return new self('This backup has no owner: nobody could look after the shop. The shop is as it was.');
    }

    public static function locked(): self
    {
        return new self('This backup is encrypted. Expected its passphrase. The shop is as it was.');
    }

    public static function wrongPassphrase(): self
    {
        return new self('This passphrase does not open the backup. The shop is as it was.');
    }

    public static function notCopied(string $file, string $folder): self
    {
        return new self("The backup is in {$file}, and could not be copied to {$folder}. Expected a folder that is there and can be written.");
    }

    public static function busy(): self
    {
        return new self('The database stayed busy, and nothing was put back. Try again in a minute.');
    }

    public static function exists(string $file): self
    {
        return new self("Expected a new file, and {$file} is there already. It was left as it is.");
    }

    public static function unwritable(string $file): self
    {
        return new self("Expected a place that can be written, and {$file} is none.");
    }
}
