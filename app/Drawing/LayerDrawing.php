<?php

namespace App\Drawing;

/** One layer on one row, as it stands on the form. */
final readonly class LayerDrawing
{
    /** @param  list<array{id: string, tie: int, missing: bool, edge: string, folds: string, shade: string, shine: string}>  $elements in build order */
    public function __construct(public string $id, public string $technique, public Ink $ink, public array $elements) {}
}
