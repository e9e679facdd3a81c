<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use App\Words\Text;
use RuntimeException;

/** A backup that cannot be made or put back; the shop is as it was. */
final class BackupRefused extends RuntimeException
{
    public static function foreign(): self
    {
        return new self(Text::of('expected.backup.foreign'));
    }

    /** Somebody else sends one just now. */
    public static function another(): self
    {
        return new self(Text::of('expected.backup.another'));
    }

    public static function noRoom(): self
    {
        return new self(Text::of('expected.backup.no_room'));
    }

    public static function damaged(): self
    {
        return new self(Text::of('expected.backup.damaged'));
    }

    public static function newer(): self
    {
        return new self(Text::of('expected.backup.newer'));
    }

    public static function notSent(): self
    {
        return new self(Text::of('expected.backup.not_sent'));
    }

    public static function altered(): self
    {
        return new self(Text::of('expected.backup.altered'));
    }

    public static function nobody(): self
    {
        return new self(Text::of('expected.backup.nobody'));
    }

    public static function locked(): self
    {
        return new self(Text::of('expected.backup.locked'));
    }

    public static function wrongPassphrase(): self
    {
        return new self(Text::of('expected.backup.wrong_passphrase'));
    }

    public static function notCopied(string $file, string $folder): self
    {
        return new self(Text::of('expected.backup.not_copied', ['file' => $file, 'folder' => $folder]));
    }

    public static function busy(): self
    {
        return new self(Text::of('expected.backup.busy'));
    }

    public static function exists(string $file): self
    {
        return new self(Text::of('expected.backup.exists', ['file' => $file]));
    }

    public static function unwritable(string $file): self
    {
        return new self(Text::of('expected.backup.unwritable', ['file' => $file]));
    }
}
