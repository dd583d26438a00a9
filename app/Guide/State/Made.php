<?php

namespace App\Guide\State;

use App\Drawing\Patch;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use LogicException;

/**
 * One element in the hand, as the editor draws it, before it is on the form: "made"; "made 2" the first two of its pieces; "wrong"
 * marks it.
 */
final class Made implements State
{
    public function name(): string
    {
        return 'made';
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
                $scene = $scene->patch($patch, $sample->ink($patch->piece));
            }
        }
        foreach ($shape->lettering as $line) {
            $scene = $scene->text(0.0, $line->y, $line->text);
        }

        return $said->is('wrong') ? $scene->wrong($sample->middle()->x, 0.0, min($scene->box->wide(), $scene->box->high()) * 0.3) : $scene;
    }
}
