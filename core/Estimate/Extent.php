<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Form\Form;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Part\Part;

/** How far a finished piece stretches (an estimate): the form with all that stands out of it, and what stays open. */
final readonly class Extent
{
    /**
     * @param  Cover  $cover  what is covered, of a form that is not round or from which something hangs; of others the box says it
     * @param  float  $beyond  how far the mesh stands out beyond the outermost wire at the most, in inches
     * @param  float  $opening  twice the least, in inches, that stays open between the middle and any element; 0 where nothing does
     * @param  bool  $isMeasured  whether it rests on what was measured of pieces made before
     */
    private function __construct(
        public Box $box,
        public Cover $cover,
        public float $beyond,
        public float $opening,
        public bool $isMeasured,
    ) {}

    /** @param  list<Part>  $parts */
    public static function of(Form $form, array $parts): self
    {
        [$open, $farthest, $hangs] = [INF, $form->reach(), false];
        foreach ($parts as $part) {
            $size = $part->size;
            if ($part->on->anchor->area !== null) {
                // What is wound over the form swells all round it.
                $farthest = max($farthest, $form->reach() + $size->reach);
            }
            foreach ($part->on->anchor->places as $place) {
                $farthest = max($farthest, $place->point()->length() + $size->reach);
            }
            foreach ($size->standsOut() ? $part->on->ties() : [] as $tie) {
                $out = $size->out($form, $tie);
                $open = min($open, $out - $size->reach);
                $farthest = max($farthest, $out + $size->reach);
            }
            $hangs = $hangs || $size->hangs > 0.0;
        }
        $box = $form->frame->round() ? Box::square($farthest) : $form->box();
        $cover = Cover::of($form, $form->frame->round() && ! $hangs ? [] : $parts);
        $inside = min($form->box()->wide(), $form->box()->high()) - 2 * $form->frame->band();

        return new self(
            $box->with($cover->points()),
            $cover,
            $farthest - $form->reach(),
            $form->closed() && $form->filledBy === null ? max(0.0, $open === INF ? $inside : 2 * $open) : 0.0,
            array_filter($parts, fn (Part $part): bool => $part->size->standsOut() && $part->size->isMeasured()) !== [],
        );
    }

    /** Without any mesh: what is open in the form itself is its opening. */
    public static function bare(Form $form): self
    {
        return self::of($form, []);
    }
}
