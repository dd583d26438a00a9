<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Form\Box;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Place;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Technique\Size;

/** How far a finished piece stretches (an estimate): the form with all that stands out of it, and what stays open. */
final readonly class Extent
{
    /** How far a piece goes at a slant, as a part of its reach and of its span. */
    private const CORNER = 0.9;

    /**
     * @param  float  $beyond  how far the mesh stands out beyond the outermost wire at the most, in inches
     * @param  float  $opening  twice the least, in inches, that stays open between the middle and any element; 0 where nothing does
     */
    private function __construct(public Box $box, public float $beyond, public float $opening) {}

    /** @param  list<Layer>  $layers */
    public static function of(Form $form, array $layers): self
    {
        $points = [];
        [$open, $farthest, $hangs] = [INF, $form->reach(), false];
        foreach ($layers as $layer) {
            $size = $layer->size;
            if ($layer->work->elements[0]->ties === []) {
                // What is wound over the form swells all round it.
                $farthest = max($farthest, $form->reach() + $size->reach);
                array_push($points, [$form->box()->left - $size->reach, $form->box()->top - $size->reach], [$form->box()->right + $size->reach, $form->box()->bottom + $size->reach]);

                continue;
            }
            foreach ($layer->on->ties() as $tie) {
                if (! $form->round() || $size->hangs > 0.0) {
                    array_push($points, ...self::corners($tie->place, $size));
                }
                $open = min($open, $tie->place->out() - $size->reach);
                $farthest = max($farthest, $tie->place->out() + $size->reach);
                $hangs = $hangs || $size->hangs > 0.0;
            }
        }
        $box = match (true) {
            ! $form->round() => $form->box()->with($points),
            $hangs => Box::around([[-$farthest, -$farthest], [$farthest, $farthest]])->with($points),
            default => Box::around([[-$farthest, -$farthest], [$farthest, $farthest]]),
        };

        $inside = min($form->box()->wide(), $form->box()->high()) - 2 * $form->band();

        return new self($box, $farthest - $form->reach(), $form->closed() ? max(0.0, $open === INF ? $inside : 2 * $open) : 0.0);
    }

    /** @return list<array{float, float}> as far as one element goes across its row and along it, its rounded corners too, and as it hangs */
    private static function corners(Place $place, Size $size): array
    {
        if ($size->hangs > 0.0) {
            return [[$place->x - $size->span, $place->y + $size->hangs], [$place->x + $size->span, $place->y - $size->reach]];
        }
        $points = [];
        foreach ([[0.0, 1.0], [1.0, 0.0], [self::CORNER, self::CORNER]] as [$along, $out]) {
            foreach ([-1, 1] as $side) {
                $points[] = $place->beside($side * $along * $size->span, $out * $size->reach);
                $points[] = $place->beside($side * $along * $size->span, -$out * $size->reach);
            }
        }

        return $points;
    }

    /** Without any mesh. */
    public static function bare(Form $form): self
    {
        return new self($form->box(), 0.0, 0.0);
    }
}
