<?php

namespace App\Guide\State;

use App\Drawing\Patch;
use App\Drawing\Path;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Point;
use LogicException;

/**
 * One element in the hand, as the editor draws it, before it is on the form: "made"; "made 2" the first two of its pieces. Its last
 * piece "slipped" aside; "made 4 60 turned" it lies 60 degrees further round than it should; "bare" a wire shows. "wrong" marks it.
 */
final class Made implements State
{
    /** How far something slips aside, in inches. */
    private const SLIPPED = 2.2;

    public function name(): string
    {
        return 'made';
    }

    /** How the last piece lies where it has slipped or turned. */
    private static function otherwise(Said $said, Sample $sample): string
    {
        return match (true) {
            $said->is('slipped') => sprintf('translate(%d %d)', self::SLIPPED * Path::SCALE, self::SLIPPED * Path::SCALE / 3),
            $said->is('turned') => sprintf('rotate(%d %d 0)', $said->number(1, 45.0), round($sample->middle()->x * Path::SCALE)),
            default => '',
        };
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $sample ?? throw new LogicException('Only a kind of part is made.');
        $shape = $sample->shape();
        $pieces = array_values(array_unique(array_map(fn (Patch $patch): int => $patch->piece, $shape->patches)));
        $shown = array_slice($pieces, 0, (int) $said->number(0, (float) count($pieces)));
        $scene = Scene::round($sample->room()->plus($sample->middle()));
        foreach ($shape->patches as $patch) {
            if (in_array($patch->piece, $shown, true)) {
                $scene = $scene->patch(
                    $patch,
                    $sample->ink($patch->piece),
                    $patch->piece === ($shown[count($shown) - 1] ?? null) ? self::otherwise($said, $sample) : '',
                );
            }
        }
        if ($said->is('bare')) {
            $half = $scene->box->wide() * 0.26;
            $scene = $scene->line('wire', Point::list([[-$half, 0.9], [$half, 0.5]]));
        }
        foreach ($shape->lettering as $line) {
            $scene = $scene->text(0.0, $line->y, $line->text);
        }

        return $said->is('wrong') ? $scene->wrong($sample->middle()->x, 0.0, min($scene->box->wide(), $scene->box->high()) * 0.3) : $scene;
    }
}
