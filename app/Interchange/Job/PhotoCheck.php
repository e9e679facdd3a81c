<?php

declare(strict_types=1);

namespace App\Interchange\Job;

/** Whether a picture in a file is one as this program draws it (ITU-T T.81, annex B): nothing in it but the picture. */
final class PhotoCheck
{
    private const MOST_PIXELS = 1_700 * 1_700;

    /** What a picture needs: JFIF, tables, frames of either kind, a scan. */
    private const ALLOWED = [0xE0, 0xDB, 0xC0, 0xC2, 0xC4, 0xDD, 0xDA];

    private const START_OF_SCAN = 0xDA;

    private const COMMENT = 0xFE;

    /** The one comment that the drawing itself leaves. */
    private const OWN_COMMENT = 'CREATOR: gd-jpeg';

    private const END = "\xFF\xD9";

    public static function passes(string $jpeg): bool
    {
        $size = str_starts_with($jpeg, "\xFF\xD8\xFF\xE0") ? @getimagesizefromstring($jpeg) : false;

        return $size !== false &&
            $size[0] * $size[1] <= self::MOST_PIXELS &&
            str_ends_with($jpeg, self::END) &&
            self::hasOnlyAPicture($jpeg);
    }

    private static function hasOnlyAPicture(string $jpeg): bool
    {
        for ($at = 2; isset($jpeg[$at + 3]) && $jpeg[$at] === "\xFF"; $at += 2 + $length) {
            $marker = ord($jpeg[$at + 1]);
            $length = (ord($jpeg[$at + 2]) << 8) | ord($jpeg[$at + 3]);
            $isOwnComment =
                $marker === self::COMMENT &&
                str_starts_with(substr($jpeg, $at + 4, $length - 2), self::OWN_COMMENT) &&
                $length < 80;
            if (! $isOwnComment && ! in_array($marker, self::ALLOWED, true)) {
                return false;
            }
            if ($marker === self::START_OF_SCAN) {
                // Whatever stands after the end of the picture is no part of it.
                return strpos($jpeg, self::END, $at) === strlen($jpeg) - 2;
            }
        }

        return false;
    }
}
