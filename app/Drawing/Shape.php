<?php

namespace App\Drawing;

/** How an element looks, as SVG path data: its first tie in the middle, outward up. */
final readonly class Shape
{
    /**
     * @param  string  $edge  its outline
     * @param  string  $folds  the lines of its folds
     * @param  string  $shade  what lies deep
     * @param  string  $shine  what stands up
     * @param  bool  $mirrored  whether the same is drawn once more to the left
     */
    public function __construct(public string $edge, public string $folds, public string $shade, public string $shine, public bool $mirrored = false) {}
}
