<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;

/** What a layer has to go by: what was written of it, its meshes, the ties it stands on, the form, and what hangs there already. */
final readonly class Footing
{
    /**
     * @param  string  $id  of the layer
     * @param  non-empty-list<Mesh>  $meshes  of one element, piece by piece or strand by strand
     * @param  non-empty-list<TieRow>  $rows
     * @param  list<int>  $taken  ties that carry something of an earlier layer, by number
     * @param  Units  $units  what a fault or a doubt speaks in
     */
    public function __construct(
        public string $id,
        public Slip $slip,
        public array $meshes,
        public TieGroup $group,
        public array $rows,
        public Form $form,
        public array $taken,
        public Units $units,
    ) {}

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }

    public function length(string $key): Length
    {
        return $this->slip->length($key);
    }

    /** Of the widest of its meshes. */
    public function width(): Length
    {
        return Length::ofUnits(max(array_map(fn (Mesh $mesh): int => $mesh->width()->units, $this->meshes)));
    }

    /** @return non-empty-list<Mesh> each once */
    public function kinds(): array
    {
        return array_values(array_column($this->meshes, null, 'id'));
    }
}
