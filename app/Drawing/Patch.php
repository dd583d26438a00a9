<?php

namespace App\Drawing;

/** One piece of mesh of an element, as SVG path data: its outline, its folds, what lies deep and what stands up. */
final readonly class Patch
{
    /**
     * @param  int  $piece  which piece or strand of the element it is: that one's mesh colours it
     * @param  string  $edge  its outline; where it is only a line, it has no inside
     * @param  string  $folds  the lines of its folds
     * @param  string  $shade  what lies deep
     * @param  string  $shine  what stands up
     * @param  bool  $mirrored  whether the same is drawn once more to the left
     * @param  bool  $hollow  whether it is only lines, as raffia is
     */
    public function __construct(
        public int $piece,
        public string $edge,
        public string $folds = '',
        public string $shade = '',
        public string $shine = '',
        public bool $mirrored = false,
        public bool $hollow = false,
    ) {}
}
