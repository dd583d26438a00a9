<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\Deal;
use Davrin\Core\Colour\Dealing;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;

/** What a layer has to go by: what was written of it, its meshes, the ties it stands on, the form, and what hangs there already. */
final readonly class PartContext
{
    /** @var non-empty-list<Wound> all that go into its elements, each once */
    private array $kinds;

    /**
     * @param  string  $id  of the layer
     * @param  non-empty-list<Wound>  $meshes  of the first element, piece by piece or strand by strand
     * @param  non-empty-list<TieRow>  $rows
     * @param  list<int>  $taken  ties that carry something of an earlier layer, by number
     * @param  Units  $units  what a fault or a doubt speaks in
     * @param  array<int, non-empty-list<Wound>>  $dealt  of the element on each tie, piece by piece, by the number of the tie
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
        public array $dealt,
        public Dealing $dealing,
        public Deal $deal,
    ) {
        $kinds = array_column($meshes, null, 'id');
        foreach ($dealt as $its) {
            $kinds += array_column($its, null, 'id');
        }
        $this->kinds = array_values($kinds);
    }

    /** @return non-empty-list<Wound> of the element on a tie, piece by piece */
    public function at(Tie $tie): array
    {
        return $this->dealt[$tie->number];
    }

    /** @return non-empty-list<Wound> of an element, piece by piece or strand by strand */
    public function of(Element $element): array
    {
        return $this->dealt[$element->ties[0] ?? 0] ?? $this->meshes;
    }

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
        return Length::ofUnits(max(array_map(fn (Wound $mesh): int => $mesh->width()->units, $this->kinds())));
    }

    /** @return non-empty-list<Wound> all that go into its elements, each once */
    public function kinds(): array
    {
        return $this->kinds;
    }
}
