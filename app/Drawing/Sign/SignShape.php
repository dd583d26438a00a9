<?php

namespace App\Drawing\Sign;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\StandsUpright;
use App\Drawing\Lettering;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Part\Sign\Sign;

/** A board with its words, a rim inside its edge; from behind bare. */
final class SignShape implements ElementShape, StandsUpright
{
    /** How far in the painted rim runs, as a part of the board. */
    private const RIM = 0.93;

    public function draw(Piece $piece): Shape
    {
        $board = $piece->part->room[0];
        $round = array_map(fn (Point $point): Point => $piece->fromBehind ? $point->fromBehind() : $point, $board->flat());
        $rim = array_map(fn (Point $point): Point => $point->times(self::RIM), $round);

        return new Shape(
            [new Patch(
                0,
                Path::closed($round),
                $piece->fromBehind ? self::grain($board) : Path::closed($rim),
                '',
                $piece->fromBehind ? '' : Path::closed($rim),
            )],
            $piece->fromBehind
                ? []
                : Lettering::on($piece->choice(Sign::WORDS, ''), $board),
            $piece->choice(Sign::FACE, 'words') === 'photo' && ! $piece->fromBehind ? [$board->wide, $board->high] : null,
        );
    }

    /** The grain of a bare back. */
    private static function grain(Board $board): string
    {
        return implode('', array_map(fn (float $part): string => Path::bend(
            new Point(-$board->wide * 0.3, $board->high * $part),
            new Point(0.0, $board->high * ($part + 0.04)),
            new Point($board->wide * 0.3, $board->high * $part),
        ), [-0.2, 0.0, 0.2]));
    }
}
