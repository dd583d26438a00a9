<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

/** What is stuck on a roll or a bundle that lies on the shelf, so that nobody measures it again. */
final readonly class Label
{
    /**
     * @param  string  $left  "218 in", "6 x 20 in", "17 stems"
     * @param  ?string  $width  "10 in"; null for what has none
     * @param  string  $colour  as "#rrggbb"
     * @param  string  $hatch  its key, that the colour is told by without colour
     */
    public function __construct(
        public string $name,
        public string $left,
        public ?string $width,
        public ?string $lot,
        public string $colour,
        public string $hatch,
    ) {}

    /** "Sage mesh, 10 in wide, 218 in, lot B7" */
    public function words(): string
    {
        return implode(
            ', ',
            [
                $this->name,
                ...($this->width === null ? [] : ["$this->width wide"]),
                $this->left,
                ...($this->lot === null ? [] : ["lot $this->lot"]),
            ],
        );
    }
}
