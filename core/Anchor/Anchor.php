<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Geometry\Place;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;

/** Where a part stands. */
final readonly class Anchor
{
    /**
     * @param  ?TieGroup  $group  the layout whose ties it stands on
     * @param  list<TieRow>  $rows  of those ties it takes, from the inside out
     * @param  list<Place>  $places  where its elements stand, if that is no tie
     * @param  ?string  $area  of the form that it covers, by its key
     * @param  ?string  $part  that it stands on, by its id
     * @param  float  $first  how far along its row the first of spread places lies, in inches
     */
    private function __construct(
        public ?TieGroup $group = null,
        public array $rows = [],
        public array $places = [],
        public ?string $area = null,
        public ?string $part = null,
        public float $first = 0.0,
    ) {}

    /** @param  non-empty-list<TieRow>  $rows */
    public static function onTies(TieGroup $group, array $rows): self
    {
        return new self($group, $rows);
    }

    /** @param  list<Place>  $places */
    public static function atPlaces(array $places, float $first = 0.0): self
    {
        return new self(places: $places, first: $first);
    }

    public static function onArea(string $area): self
    {
        return new self(area: $area);
    }

    /** @param  list<Place>  $places  of the elements of that part */
    public static function onPart(string $part, array $places): self
    {
        return new self(places: $places, part: $part);
    }

    public static function nowhere(): self
    {
        return new self;
    }

    /** @return list<Tie> those it stands on, row by row */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }
}
