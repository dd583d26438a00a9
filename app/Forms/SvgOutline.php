<?php

namespace App\Forms;

use Davrin\Core\Blank\PointsBlank;
use Davrin\Core\Geometry\Point;
use ErrorException;
use Svg\Tag\Path;
use TypeError;
use XMLReader;

/**
 * The first path of an SVG file as points. Everything else in the file is ignored: it is read without entities and
 * without following any address.
 */
final class SvgOutline
{
    public const MOST_BYTES = 1_000_000;

    private const MOST_OF_A_PATH = 100_000;

    private const MOST_COMMANDS = 5_000;

    /** What a document may say it is written in: in all of these a declaration can be seen. */
    private const ENCODINGS = ['utf-8', 'utf-16', 'utf-16le', 'utf-16be', 'us-ascii', 'ascii', 'iso-8859-1', 'iso-8859-15', 'windows-1252'];

    /**
     * @return array{points: list<string>, closed: 'closed'|'open'} as an outline's blanks hold them
     *
     * @throws OutlineRefused
     */
    public static function read(string $bytes): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw OutlineRefused::tooLarge(strlen($bytes), self::MOST_BYTES);
        }
        self::mustBePlain($bytes);
        $path = self::firstPath($bytes);
        if (strlen($path) > self::MOST_OF_A_PATH) {
            throw OutlineRefused::tooLong(strlen($path), self::MOST_OF_A_PATH);
        }
        $data = PathData::of($path);
        if ($data->count() > self::MOST_COMMANDS) {
            throw OutlineRefused::tooMany($data->count(), self::MOST_COMMANDS);
        }
        $pen = new Pen($data->count());
        try {
            (new Path(new PenDocument($pen), 'path'))->start(['d' => (string) $data]);
        } catch (ErrorException|TypeError) {
            // The library counts on a path that is written by the rules.
            throw OutlineRefused::noPath();
        }
        $points = Thinned::to($pen->points(), PointsBlank::MOST - 1);
        if (count($points) < 2) {
            throw OutlineRefused::noPath();
        }

        return [
            'points' => array_map(fn (Point $point): string => self::number($point->x).' '.self::number($point->y), $points),
            'closed' => $pen->isClosed() ? 'closed' : 'open',
        ];
    }

    /** Without entities of its own, in whatever way it is written down. */
    private static function mustBePlain(string $bytes): void
    {
        // Of letters in two or four bytes what is left is the letter.
        $plain = ltrim(
            str_replace(["\0", "\xEF\xBB\xBF", "\xFF\xFE", "\xFE\xFF"], '', substr($bytes, 0, 4)).str_replace("\0", '', substr($bytes, 4)),
        );
        if (! str_starts_with($plain, '<')) {
            throw OutlineRefused::notSvg();
        }
        if (
            preg_match('/^<\?xml[^>]*\bencoding\s*=\s*["\']([^"\']*)/i', $plain, $found) === 1
            && ! in_array(strtolower($found[1]), self::ENCODINGS, true)
        ) {
            throw OutlineRefused::encoding($found[1]);
        }
        if (preg_match('/<!\s*(?:DOCTYPE[^>]*\[|ENTITY)/i', $plain) === 1) {
            throw OutlineRefused::entities();
        }
    }

    private static function firstPath(string $bytes): string
    {
        $before = libxml_use_internal_errors(true);
        try {
            $reader = XMLReader::XML($bytes, null, LIBXML_NONET) ?: throw OutlineRefused::notSvg();
            $isSvg = false;
            while ($reader->read()) {
                $isSvg = $isSvg || ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'svg');
                if (
                    $reader->nodeType === XMLReader::ELEMENT
                    && $reader->localName === 'path'
                    && trim((string) $reader->getAttribute('d')) !== ''
                ) {
                    return $isSvg ? (string) $reader->getAttribute('d') : throw OutlineRefused::notSvg();
                }
            }

            throw $isSvg && libxml_get_errors() === [] ? OutlineRefused::noPath() : OutlineRefused::notSvg();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format(max(-999_999, min(999_999, $number)) + 0.0, 3, '.', ''), '0'), '.');
    }
}
