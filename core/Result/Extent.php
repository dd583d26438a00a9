<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Form\Box;
use Davrin\Core\Form\Place;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Plan;

/** How far a finished piece stretches (an estimate): the form with all that stands out of it, and what stays open. */
final readonly class Extent
{
    /** @param  float  $opening  twice the least, in inches, that stays open between the middle and any element; 0 where nothing does */
    private function __construct(public Box $box, public float $opening) {}

    public static function of(Plan $plan): self
    {
        $points = [];
        [$open, $farthest] = [INF, $plan->form->reach()];
        foreach ($plan->layers as $layer) {
            foreach ($layer->ties() as $tie) {
                array_push($points, ...self::corners($tie->place, $layer));
                $open = min($open, $tie->place->out() - $layer->reach());
                $farthest = max($farthest, $tie->place->out() + $layer->reach());
            }
        }

        return new self(
            $plan->form->round() ? Box::around([[-$farthest, -$farthest], [$farthest, $farthest]]) : $plan->form->box()->with($points),
            $open === INF || ! $plan->form->closed() ? 0.0 : max(0.0, 2 * $open),
        );
    }

    /** @return list<array{float, float}> as far as one element goes across its row and along it */
    private static function corners(Place $place, Layer $layer): array
    {
        [$reach, $span] = [$layer->reach(), $layer->technique->span($layer->slip)];

        return [$place->beside(0.0, $reach), $place->beside(0.0, -$reach), $place->beside($span, 0.0), $place->beside(-$span, 0.0)];
    }

    /** Without any mesh. */
    public static function bare(Plan $plan): self
    {
        return new self($plan->form->box(), 0.0);
    }
}
