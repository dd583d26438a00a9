<?php

namespace App\Forms;

use Davrin\Core\Blank\PointsBlank;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Rounding;
use ErrorException;
use Svg\Tag\Path;
use TypeError;
use XMLReader;

/**
 * The first path of an SVG file as points. Everything else in the file is ignored: it is read without entities and
 * without following any address.
 */
final readonly class SvgOutline
{
    public const MOST_BYTES = 1_000_000;

    private const MOST_OF_A_PATH = 100_000;

    private const MOST_COMMANDS = 5_000;

    /** What a document may say it is written in: in all of these a declaration can be seen. */
    private const ENCODINGS = ['utf-8', 'utf-16', 'utf-16le', 'utf-16be', 'us-ascii', 'ascii', 'iso-8859-1', 'iso-8859-15', 'windows-1252'];

    /** Inches in each unit that a drawing can be so large in; pixels say nothing of how large a thing is. */
    private const UNITS = ['in' => 1.0, 'cm' => 1 / 2.54, 'mm' => 1 / 25.4, 'pt' => 1 / 72, 'pc' => 1 / 6];

    /**
     * @param  list<string>  $points
     * @param  'closed'|'open'  $closed
     * @param  ?float  $size  its longer side in inches, where the drawing says how large it is
     * @param  int  $drawn  how many points it was drawn with
     */
    private function __construct(private array $points, private string $closed, public ?float $size, public int $drawn) {}

    /** @return array<string, mixed> as an outline's blanks hold it */
    public function written(): array
    {
        $size = $this->size === null ? [] : ['size' => LengthText::canonical(Length::ofUnits(
            Rounding::Place->steps((int) round($this->size * Length::PER_INCH), intdiv(Length::PER_INCH, 8)) * intdiv(Length::PER_INCH, 8),
        ))];

        return ['kind' => 'outline', 'count' => 1, 'points' => $this->points, 'closed' => $this->closed, ...$size];
    }

    /** @return list<string> "x y" of each */
    public function points(): array
    {
        return $this->points;
    }

    /** How many of the points that it was drawn with are kept. */
    public function kept(): int
    {
        return count($this->points);
    }

    /** @throws OutlineRefused */
    public static function read(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw OutlineRefused::tooLarge(strlen($bytes), self::MOST_BYTES);
        }
        self::mustBePlain($bytes);
        [$path, $scale] = self::firstPath($bytes);
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
        $drawn = $pen->points();
        $points = Thinned::to($drawn, PointsBlank::MOST - 1);
        if (count($points) < 2) {
            throw OutlineRefused::noPath();
        }
        $box = Box::around($drawn);

        return new self(
            array_map(fn (Point $point): string => self::number($point->x).' '.self::number($point->y), $points),
            $pen->isClosed() ? 'closed' : 'open',
            $scale === null ? null : $scale * max($box->wide(), $box->high()),
            count($drawn),
        );
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

    /** @return array{string, ?float} the path, and how many inches a unit of it is where the drawing says so */
    private static function firstPath(string $bytes): array
    {
        $before = libxml_use_internal_errors(true);
        try {
            $reader = XMLReader::XML($bytes, null, LIBXML_NONET) ?: throw OutlineRefused::notSvg();
            [$isSvg, $scale] = [false, null];
            while ($reader->read()) {
                if (! $isSvg && $reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'svg') {
                    [$isSvg, $scale] = [true, self::scale($reader)];
                }
                if (
                    $reader->nodeType === XMLReader::ELEMENT
                    && $reader->localName === 'path'
                    && trim((string) $reader->getAttribute('d')) !== ''
                ) {
                    return $isSvg ? [(string) $reader->getAttribute('d'), $scale] : throw OutlineRefused::notSvg();
                }
            }

            throw $isSvg && libxml_get_errors() === [] ? OutlineRefused::noPath() : OutlineRefused::notSvg();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /** Inches to a unit of the drawing, from its width and what it is a view of. */
    private static function scale(XMLReader $svg): ?float
    {
        $view = preg_split('/[\s,]+/', trim((string) $svg->getAttribute('viewBox'))) ?: [];
        foreach (['width' => 2, 'height' => 3] as $side => $place) {
            if (preg_match('/^\s*(\d*\.?\d+)\s*(in|cm|mm|pt|pc)\s*$/i', (string) $svg->getAttribute($side), $found) === 1) {
                $inches = (float) $found[1] * self::UNITS[strtolower($found[2])];
                // Without a view a unit is a 96th of an inch (CSS).
                $units = count($view) === 4 ? (float) $view[$place] : 96 * $inches;

                return $inches > 0 && $units > 0 ? $inches / $units : null;
            }
        }

        return null;
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format(max(-999_999, min(999_999, $number)) + 0.0, 3, '.', ''), '0'), '.');
    }
}
