<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Demand\Caution;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\Size;
use Davrin\Core\Words\Figure;
use JsonSerializable;

/** What one part makes, what it takes, how large it gets, and what a drawing of it needs. */
final readonly class PartResult implements JsonSerializable
{
    /**
     * @param  string  $kind  of part, by key
     * @param  ?string  $ties  the layout it stands on, by id; null where it stands elsewhere
     * @param  ?string  $area  of the form that it covers, by key
     * @param  list<string>  $materials  of one element, piece by piece or strand by strand, by id
     * @param  list<ElementResult>  $elements
     * @param  array<string, float>  $measures  what was written of it: lengths in inches, and counts
     * @param  array<string, string>  $choices  what was chosen of it, as a plan file holds it
     * @param  list<BowPiece>  $bow  the strips of a bow; none where it is something else
     * @param  list<Board>  $room  what its elements take up on the front of the finished mesh; none for mesh and ribbon
     * @param  float  $width  of its widest mesh, in inches
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public string $id,
        public string $kind,
        public ?string $ties,
        public ?string $area,
        public array $materials,
        public Figure $count,
        public Figure $takes,
        public Figure $across,
        public Figure $opening,
        public Figure $depth,
        public Fullness $fullness,
        public array $elements,
        public Size $size,
        public array $measures,
        public array $choices,
        public array $bow,
        public array $room,
        public float $width,
        public array $cautions,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'ties' => $this->ties,
            'area' => $this->area,
            'materials' => $this->materials,
            'count' => $this->count,
            'takes' => $this->takes,
            'across' => $this->across,
            'opening' => $this->opening,
            'depth' => $this->depth,
            'fullness' => $this->fullness,
            'elements' => $this->elements,
            'reach' => round($this->size->reach, 4),
            'span' => round($this->size->span, 4),
            'hangs' => round($this->size->hangs, 4),
            'measures' => (object) array_map(fn (float $measure): float => round($measure, 4), $this->measures),
            ...($this->bow === [] ? [] : ['bow' => $this->bow]),
            ...($this->room === [] ? [] : ['room' => $this->room]),
            'width' => round($this->width, 4),
            'cautions' => array_map(fn (Caution $caution): string => $caution->value, $this->cautions),
        ];
    }
}
