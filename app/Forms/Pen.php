<?php

namespace App\Forms;

use Davrin\Core\Geometry\Point;
use Svg\Style;
use Svg\Surface\SurfaceInterface;

/** A surface that notes where the pen goes, curves in short straight pieces, and only along the first stretch of a path. */
final class Pen implements SurfaceInterface
{
    /** A curve is drawn in so many pieces, in fewer where a path has very many of them. */
    private const PIECES = 16;

    private const MOST_POINTS = 6_000;

    /** @var list<Point> in the measure of the file */
    private array $points = [];

    private bool $closed = false;

    private bool $lifted = false;

    private readonly int $pieces;

    /** @param  int  $commands  of the path that is followed */
    public function __construct(int $commands)
    {
        $this->pieces = max(1, min(self::PIECES, intdiv(self::MOST_POINTS, max(1, $commands))));
    }

    /** @return list<Point> in the measure of the file */
    public function points(): array
    {
        return $this->points;
    }

    public function isClosed(): bool
    {
        $count = count($this->points);

        return $this->closed || ($count > 3 && $this->points[$count - 1]->equals($this->points[0]));
    }

    public function moveTo($x, $y)
    {
        // Some programs write several moves before the first line; a move after it begins another stretch.
        $this->lifted = $this->lifted || count($this->points) > 1;
        if (! $this->lifted) {
            $this->points = [new Point((float) $x, (float) $y)];
        }
    }

    public function lineTo($x, $y)
    {
        if (! $this->lifted) {
            $this->points[] = new Point((float) $x, (float) $y);
        }
    }

    public function closePath()
    {
        $this->closed = $this->closed || (! $this->lifted && count($this->points) > 1);
        $this->lifted = $this->lifted || count($this->points) > 1;
    }

    public function quadraticCurveTo($cpx, $cpy, $x, $y)
    {
        $from = $this->points[count($this->points) - 1] ?? new Point((float) $x, (float) $y);
        $this->bezierCurveTo(
            $from->x + 2 / 3 * ($cpx - $from->x),
            $from->y + 2 / 3 * ($cpy - $from->y),
            $x + 2 / 3 * ($cpx - $x),
            $y + 2 / 3 * ($cpy - $y),
            $x,
            $y,
        );
    }

    public function bezierCurveTo($cp1x, $cp1y, $cp2x, $cp2y, $x, $y)
    {
        $from = $this->points[count($this->points) - 1] ?? new Point((float) $x, (float) $y);
        for ($i = 1; $i <= $this->pieces; $i++) {
            $t = $i / $this->pieces;
            [$a, $b, $c, $d] = [(1 - $t) ** 3, 3 * $t * (1 - $t) ** 2, 3 * $t ** 2 * (1 - $t), $t ** 3];
            $this->lineTo($a * $from->x + $b * $cp1x + $c * $cp2x + $d * $x, $a * $from->y + $b * $cp1y + $c * $cp2y + $d * $y);
        }
    }

    // The rest is not asked of a pen that follows one path.

    public function save() {}

    public function restore() {}

    public function scale($x, $y) {}

    public function rotate($angle) {}

    public function translate($x, $y) {}

    public function transform($a, $b, $c, $d, $e, $f) {}

    public function beginPath() {}

    public function fill() {}

    public function stroke(bool $close = false) {}

    public function endPath() {}

    public function fillStroke(bool $close = false) {}

    public function clip() {}

    public function fillText($text, $x, $y, $maxWidth = null) {}

    public function strokeText($text, $x, $y, $maxWidth = null) {}

    public function measureText($text) {}

    public function drawImage($image, $sx, $sy, $sw = null, $sh = null, $dx = null, $dy = null, $dw = null, $dh = null) {}

    public function arcTo($x1, $y1, $x2, $y2, $radius) {}

    public function circle($x, $y, $radius) {}

    public function arc($x, $y, $radius, $startAngle, $endAngle, $anticlockwise = false) {}

    public function ellipse($x, $y, $radiusX, $radiusY, $rotation, $startAngle, $endAngle, $anticlockwise) {}

    public function rect($x, $y, $w, $h, $rx = 0, $ry = 0) {}

    public function fillRect($x, $y, $w, $h) {}

    public function strokeRect($x, $y, $w, $h) {}

    public function setStyle(Style $style) {}

    public function getStyle()
    {
        return new Style;
    }

    public function setFont($family, $style, $weight) {}
}
