<?php

declare(strict_types=1);

namespace App\UseCases\Photos;

use GdImage;

/** A photo drawn anew: upright, no larger than a tablet shows, without position or any other data of the camera. */
final readonly class CleanPhoto
{
    /** Longest side, and then how finely, tried one after the other until a job's photos together go into its file. */
    private const SIDES = [1600, 1200, 900, 600];

    private const QUALITIES = [80, 65, 50];

    private const MOST_BYTES = 260_000;

    private const MOST_MEGAPIXELS = 30;

    /** By the orientation that a camera writes (EXIF 2.3, tag 0x0112): degrees to turn it, counter-clockwise. */
    private const TURNS = [3 => 180, 6 => -90, 8 => 90];

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws UnusablePhoto */
    public static function of(string $path): self
    {
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw UnusablePhoto::noPhoto();
        }
        if (self::MOST_MEGAPIXELS * 1_000_000 < $size[0] * $size[1]) {
            throw UnusablePhoto::tooLarge(self::MOST_MEGAPIXELS);
        }
        $sent = self::decoded($path, $size[2]);
        foreach (self::SIDES as $longest) {
            $photo = self::drawn(self::upright(self::resized($sent, $longest), $path, $size[2]));
            if ($photo !== null) {
                return $photo;
            }
        }
        throw UnusablePhoto::tooBusy();
    }

    private static function decoded(string $path, int $type): GdImage
    {
        $bytes = (string) file_get_contents($path);
        $photo = $type === IMAGETYPE_JPEG && ! WholeJpeg::is($bytes) ? false : @imagecreatefromstring($bytes);

        return $photo === false ? throw UnusablePhoto::cutOff() : $photo;
    }

    private static function resized(GdImage $image, int $longest): GdImage
    {
        $share = min(1.0, $longest / max(imagesx($image), imagesy($image)));
        $small =
            $share < 1.0
                ? imagescale(
                    $image,
                    max(1, (int) round(imagesx($image) * $share)),
                    max(1, (int) round(imagesy($image) * $share)),
                )
                : $image;

        return $small === false ? throw UnusablePhoto::noPhoto() : $small;
    }

    private static function upright(GdImage $image, string $path, int $type): GdImage
    {
        $camera = $type === IMAGETYPE_JPEG ? @exif_read_data($path) : false;
        $turn =
            $camera === false || ! is_int($camera['Orientation'] ?? null)
                ? 0
                : self::TURNS[$camera['Orientation']] ?? 0;
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    /** On white, where it lets anything shine through; null where it does not become small enough to keep. */
    private static function drawn(GdImage $image): ?self
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $paper = imagecreatetruecolor($width, $height);
        imagefill($paper, 0, 0, (int) imagecolorallocate($paper, 255, 255, 255));
        imagecopy($paper, $image, 0, 0, 0, 0, $width, $height);
        foreach (self::QUALITIES as $quality) {
            ob_start();
            imagejpeg($paper, null, $quality);
            $jpeg = (string) ob_get_clean();
            if (strlen($jpeg) <= self::MOST_BYTES) {
                return new self($jpeg, $width, $height);
            }
        }

        return null;
    }
}
