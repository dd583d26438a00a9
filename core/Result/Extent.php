<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Form\Box;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Place;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Technique\Size;
use Davrin\Core\Ties\Tie;

/** How far a finished piece stretches (an estimate): the form with all that stands out of it, and what stays open. */
final readonly class Extent
{
    /**
     * @param  float  $beyond  how far the mesh stands out beyond the outermost wire at the most, in inches
     * @param  float  $opening  twice the least, in inches, that stays open between the middle and any element; 0 where nothing does
     */
    private function __construct(public Box $box, public float $beyond, public float $opening) {}

    /** @param  list<Layer>  $layers */
    public static function of(Form $form, array $layers): self
    {
        $points = [];
        [$open, $farthest, $hangs] = [INF, $form->reach(), 0.0];
        foreach ($layers as $layer) {
            $size = $layer->size;
            foreach (self::ties($layer) as $tie) {
                array_push($points, ...self::corners($tie->place, $size));
                $open = min($open, $tie->place->out() - $size->reach);
                $farthest = max($farthest, $tie->place->out() + $size->reach);
                $hangs = max($hangs, $size->hangs === 0.0 ? 0.0 : $tie->place->y + $size->hangs);
            }
        }
        $box = $form->round() ? Box::around([[-$farthest, -$farthest], [$farthest, max($farthest, $hangs)]]) : $form->box()->with($points);

        $inside = min($form->box()->wide(), $form->box()->high()) - 2 * $form->band();

        return new self($box, $farthest - $form->reach(), $form->closed() ? max(0.0, $open === INF ? $inside : 2 * $open) : 0.0);
    }

    /** @return list<Tie> those that carry something of it */
    private static function ties(Layer $layer): array
    {
        $standsOnTies = $layer->work->elements[0]->ties !== [];

        return $standsOnTies ? $layer->on->ties() : [];
    }

    /** @return list<array{float, float}> as far as one element goes across its row and along it, and hangs */
    private static function corners(Place $place, Size $size): array
    {
        return [
            $place->beside(0.0, $size->reach), $place->beside(0.0, -$size->reach), $place->beside($size->span, 0.0), $place->beside(-$size->span, 0.0),
            ...($size->hangs === 0.0 ? [] : [[$place->x, $place->y + $size->hangs]]),
        ];
    }

    /** Without any mesh. */
    public static function bare(Form $form): self
    {
        return new self($form->box(), 0.0, 0.0);
    }
}
