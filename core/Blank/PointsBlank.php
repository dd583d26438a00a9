<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Units;

/**
 * Points of an outline in order, across and down, in any measure: "0 0, 36 0, 36 10".
 *
 * @extends NamedBlank<list<Point>>
 */
final readonly class PointsBlank extends NamedBlank
{
    public const FEWEST = 2;

    public const MOST = 240;

    /** So many are shown as they are; of more only how many. */
    private const SHOWN = 8;

    public function read(mixed $raw, ?Units $bare): array
    {
        $parts = match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) => preg_split('/\s*[,;]\s*/', trim($raw, " \n\t,;")) ?: [],
            default => [],
        };
        if (count($parts) < self::FEWEST || count($parts) > self::MOST) {
            throw $this->refused();
        }

        return array_map(fn (mixed $part): Point => $this->point(is_string($part) ? $part : ''), $parts);
    }

    public function write(mixed $value): array
    {
        return array_map(fn (Point $point): string => self::number($point->x).' '.self::number($point->y), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        return count($value) > self::SHOWN ? count($value).' points' : implode(', ', $this->write($value));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            [
                'type' => 'array',
                'items' => ['type' => 'string', 'pattern' => '^-?\\d{1,6}(\\.\\d+)? -?\\d{1,6}(\\.\\d+)?$'],
                'minItems' => self::FEWEST,
                'maxItems' => self::MOST,
            ],
            $this->write($this->default),
        );
    }

    /** To a thousandth. */
    private function point(string $part): Point
    {
        if (preg_match('/^\s*(-?\d{1,6}(?:\.\d+)?)\s+(-?\d{1,6}(?:\.\d+)?)\s*$/', $part, $found) !== 1) {
            throw $this->refused();
        }

        return (new Point((float) $found[1], (float) $found[2]))->rounded(3);
    }

    private function refused(): OutOfBounds
    {
        return OutOfBounds::points($this->label, self::FEWEST, self::MOST);
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number + 0.0, 3, '.', ''), '0'), '.');
    }
}
