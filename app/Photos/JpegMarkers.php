<?php

namespace App\Photos;

/** What the markers of a JPEG say (ITU-T T.81, annex B): how many scans it has, and whether it goes on to its end. */
final readonly class JpegMarkers
{
    private const START_OF_SCAN = 0xDA;

    private const END = 0xD9;

    /** Markers without a segment behind them: start of image, restarts and a private one. */
    private const ALONE = [0x01, 0xD0, 0xD1, 0xD2, 0xD3, 0xD4, 0xD5, 0xD6, 0xD7, 0xD8];

    private function __construct(public int $scans, public bool $isWhole) {}

    /** What lies in segments, as a preview, and behind the end, as the film that some cameras add, is not looked at. */
    public static function of(string $bytes): self
    {
        [$scans, $at] = [0, 0];
        while (($at = strpos($bytes, "\xFF", $at)) !== false && isset($bytes[$at + 1])) {
            $marker = ord($bytes[$at + 1]);
            if ($marker === self::END) {
                return new self($scans, $scans > 0);
            }
            if ($marker === 0x00 || in_array($marker, self::ALONE, true)) {
                $at += 2;
            } elseif ($marker === 0xFF) {
                // Any number of these may stand before a marker.
                $at++;
            } else {
                $scans += $marker === self::START_OF_SCAN ? 1 : 0;
                $length = unpack('n', substr($bytes, $at + 2, 2));
                if ($length === false || strlen($bytes) < $at + 4) {
                    break;
                }
                $at += 2 + max(2, (int) $length[1]);
                if ($at >= strlen($bytes)) {
                    break;
                }
            }
        }

        return new self($scans, false);
    }
}
