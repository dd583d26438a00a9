<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Demand\Element;
use JsonSerializable;

/** An element and the numbers of the rolls it comes from. */
final readonly class ElementResult implements JsonSerializable
{
    /**
     * @param  array<string, list<int>>  $rolls  by the id of the mesh
     * @param  list<string>  $materials  ids, piece by piece or strand by strand
     * @param  list<float>  $lengths  of its cut pieces, in inches; none where it is part of a run
     * @param  bool  $missing  some of it comes out of no roll
     */
    public function __construct(
        public Element $element,
        public array $rolls,
        public array $materials,
        public array $lengths,
        public bool $missing,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->element->id,
            'number' => $this->element->number,
            'ties' => $this->element->ties,
            'pass' => $this->element->pass,
            'rolls' => (object) $this->rolls,
            'materials' => $this->materials,
            'missing' => $this->missing,
        ];
    }
}
