<?php

namespace App\Drawing;

/** One part on one row, as it stands on the form: a few shapes, each drawn once, and where they stand. */
final readonly class PartDrawing
{
    /**
     * @param  string  $name  of its shapes in the page: the first is "$name-0"
     * @param  list<Shape>  $shapes
     * @param  list<non-empty-list<Ink>>  $inks  of each shape, piece by piece or strand by strand
     * @param  list<array{
     *     id: string, ties: list<int>, missing: bool, number: int, shape: int, x: float, y: float, turn: float,
     * }>  $elements  in build order; in drawing units, turned in degrees clockwise
     * @param  bool  $moves  whether its elements can be put elsewhere one by one
     * @param  string  $called  what one of its elements is called
     * @param  ?string  $photo  what a sign bears that has a photograph on it, as an address
     * @param  bool  $isOver  whether it lies over all of the mesh, so that no wire shows through it
     */
    public function __construct(
        public string $name,
        public string $id,
        public string $technique,
        public array $shapes,
        public array $inks,
        public array $elements,
        public bool $isOver,
        public bool $moves = false,
        public string $called = '',
        public ?string $photo = null,
    ) {}

    /** Whether any of it stands at a tie. */
    public function isAt(?int $tie): bool
    {
        return $tie !== null && array_filter($this->elements, fn (array $element): bool => in_array($tie, $element['ties'], true)) !== [];
    }
}
