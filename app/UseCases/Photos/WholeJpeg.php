<?php

declare(strict_types=1);

namespace App\UseCases\Photos;

/**
 * Whether a JPEG goes on to its end (ITU-T T.81, annex B): the decoder draws one that was cut off, grey from there on.
 */
final class WholeJpeg
{
    private const START_OF_SCAN = "\xDA";

    private const END_OF_IMAGE = "\xFF\xD9";

    public static function is(string $bytes): bool
    {
        $scan = self::scan($bytes);

        return $scan !== null && strpos($bytes, self::END_OF_IMAGE, $scan) !== false;
    }

    /**
     * Where the picture itself begins, after all segments before it; a preview in one of them has an end of its own.
     */
    private static function scan(string $bytes): ?int
    {
        $at = 2;
        while (isset($bytes[$at + 3]) && $bytes[$at] === "\xFF") {
            if ($bytes[$at + 1] === self::START_OF_SCAN) {
                return $at;
            }
            $at += $bytes[$at + 1] === "\xFF" ? 1 : 2 + ((ord($bytes[$at + 2]) << 8) | ord($bytes[$at + 3]));
        }

        return null;
    }
}
