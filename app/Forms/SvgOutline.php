<?php

namespace App\Forms;

use Davrin\Core\Blank\PointsBlank;
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
        if (preg_match('/<!(?:DOCTYPE[^>]*\[|ENTITY)/i', $bytes) === 1) {
            throw OutlineRefused::entities();
        }
        $path = self::firstPath($bytes);
        if (strlen($path) > self::MOST_OF_A_PATH) {
            throw OutlineRefused::tooLong(strlen($path), self::MOST_OF_A_PATH);
        }
        $pen = new Pen;
        try {
            (new Path(new PenDocument($pen), 'path'))->start(['d' => $path]);
        } catch (ErrorException|TypeError) {
            // The library counts on a path that is written by the rules.
            throw OutlineRefused::noPath();
        }
        $points = Thinned::to($pen->points(), PointsBlank::MOST - 1);
        if (count($points) < 2) {
            throw OutlineRefused::noPath();
        }

        return ['points' => array_map(fn (array $point): string => sprintf('%s %s', self::number($point[0]), self::number($point[1])), $points), 'closed' => $pen->isClosed() ? 'closed' : 'open'];
    }

    private static function firstPath(string $bytes): string
    {
        $before = libxml_use_internal_errors(true);
        try {
            $reader = XMLReader::XML($bytes, null, LIBXML_NONET) ?: throw OutlineRefused::notSvg();
            $isSvg = false;
            while ($reader->read()) {
                $isSvg = $isSvg || ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'svg');
                if ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'path' && trim((string) $reader->getAttribute('d')) !== '') {
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
