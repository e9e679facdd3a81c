<?php

declare(strict_types=1);

namespace App\UseCases\Photos;

use App\Words\Text;
use RuntimeException;

/** A file that cannot be kept as a photo. */
final class UnusablePhoto extends RuntimeException
{
    public static function notSent(): self
    {
        return new self(Text::of('expected.photo.not_sent'));
    }

    public static function noPhoto(): self
    {
        return new self(Text::of('expected.photo.no_photo'));
    }

    public static function cutOff(): self
    {
        return new self(Text::of('expected.photo.cut_off'));
    }

    public static function tooBusy(): self
    {
        return new self(Text::of('expected.photo.too_busy'));
    }

    public static function tooMany(int $most): self
    {
        return new self(Text::of('expected.photo.too_many', ['most' => $most]));
    }

    public static function tooLarge(int $megapixels): self
    {
        return new self(Text::of('expected.photo.too_large', ['megapixels' => $megapixels]));
    }
}
