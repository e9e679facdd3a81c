<?php

declare(strict_types=1);

namespace App\UseCases\Photos;

use RuntimeException;

/** A file that cannot be kept as a photo. */
final class UnusablePhoto extends RuntimeException
{
    public static function notSent(): self
    {
        return new self('Expected a photo, and no file arrived. One over 16 MB does not.');
    }

    public static function noPhoto(): self
    {
        return new self('Expected a photo as JPEG, PNG or WebP.');
    }

    public static function cutOff(): self
    {
        return new self('Expected a whole photo, and this file is cut off or damaged. Send it again.');
    }

    public static function tooBusy(): self
    {
        return new self('This photo cannot be made small enough to keep. Take it again from further away.');
    }

    public static function tooMany(int $most): self
    {
        return new self("A job keeps {$most} photos at most. Take one back first.");
    }

    public static function tooLarge(int $megapixels): self
    {
        return new self("Expected a photo of at most {$megapixels} megapixels. Take it again at a smaller size.");
    }
}
