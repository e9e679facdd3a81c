<?php

declare(strict_types=1);

namespace App\Photos;

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

    public static function tooLarge(int $megapixels): self
    {
        return new self("Expected a photo of at most {$megapixels} megapixels. Take it again at a smaller size.");
    }
}
