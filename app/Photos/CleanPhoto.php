<?php

namespace App\Photos;

use GdImage;

/** A photograph drawn anew from its pixels alone: smaller, and without anything else that was in its file. */
final readonly class CleanPhoto
{
    public const MOST_BYTES = 15_000_000;

    private const MOST_PIXELS = 30_000_000;

    /** No camera takes longer sides; what does is made to fill the memory. */
    private const MOST_SIDE = 16_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** Each scan of a JPEG is read through the whole picture; cameras and programs write ten or so. */
    private const MOST_SCANS = 40;

    /** Its longer side at the most. */
    private const LONGEST = 900;

    private const QUALITY = 82;

    /** Colours are looked for in so many pixels along its longer side. */
    private const SAMPLED = 56;

    /** How often it is turned clockwise by 90 degrees, by what a camera wrote of how it was held (EXIF orientation). */
    private const TURNED = [3 => 2, 6 => 1, 8 => 3];

    /** @param  non-empty-list<array{int, int, int}>  $pixels  red, green and blue of a few */
    private function __construct(public string $jpeg, public int $wide, public int $high, public array $pixels) {}

    /** @throws PhotoRefused */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw PhotoRefused::tooLarge(self::MOST_BYTES);
        }
        // By its content, whatever it is called.
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw PhotoRefused::notOne();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw PhotoRefused::tooMany($size[0], $size[1], self::MOST_PIXELS);
        }
        if (max($size[0], $size[1]) > self::MOST_SIDE) {
            throw PhotoRefused::tooLong($size[0], $size[1], self::MOST_SIDE);
        }
        $jpeg = $size[2] === IMAGETYPE_JPEG ? JpegMarkers::of($bytes) : null;
        if (($jpeg->scans ?? 0) > self::MOST_SCANS) {
            throw PhotoRefused::tooManyScans(self::MOST_SCANS);
        }
        $image = self::decoded($bytes, $jpeg) ?? throw PhotoRefused::broken();
        $small = self::scaled(self::upright($image, $bytes, $size[2]), self::LONGEST);
        ob_start();
        imagejpeg($small, null, self::QUALITY);

        return new self((string) ob_get_clean(), imagesx($small), imagesy($small), self::pixels($small));
    }

    /** Null where it cannot be read to its end. */
    private static function decoded(string $bytes, ?JpegMarkers $jpeg): ?GdImage
    {
        // What is missing of a JPEG is drawn grey and no fault is told.
        $image = $jpeg?->isWhole === false ? false : @imagecreatefromstring($bytes);

        return $image === false ? null : $image;
    }

    private static function upright(GdImage $image, string $bytes, int $kind): GdImage
    {
        $said = $kind === IMAGETYPE_JPEG && function_exists('exif_read_data')
            ? @exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes))
            : false;
        $turns = self::TURNED[is_array($said) ? (int) ($said['Orientation'] ?? 1) : 1] ?? 0;
        $turned = $turns === 0 ? $image : imagerotate($image, -90 * $turns, 0);

        return $turned === false ? $image : $turned;
    }

    /** On white where something can be seen through. */
    private static function scaled(GdImage $image, int $longest): GdImage
    {
        $factor = min(1.0, $longest / max(imagesx($image), imagesy($image)));
        [$wide, $high] = [max(1, (int) round(imagesx($image) * $factor)), max(1, (int) round(imagesy($image) * $factor))];
        $small = imagecreatetruecolor($wide, $high) ?: throw PhotoRefused::broken();
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $image, 0, 0, 0, 0, $wide, $high, imagesx($image), imagesy($image));

        return $small;
    }

    /** @return non-empty-list<array{int, int, int}> */
    private static function pixels(GdImage $image): array
    {
        $few = self::scaled($image, self::SAMPLED);
        $pixels = [];
        for ($y = 0; $y < imagesy($few); $y++) {
            for ($x = 0; $x < imagesx($few); $x++) {
                $colour = (int) imagecolorat($few, $x, $y);
                $pixels[] = [($colour >> 16) & 255, ($colour >> 8) & 255, $colour & 255];
            }
        }

        return $pixels;
    }
}
