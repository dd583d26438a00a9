<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\ColourOrder;
use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Mix;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;
use LogicException;

/** What a part has to go by: what was written of it, its materials, where it stands, the form, and what hangs there already. */
final readonly class PartContext
{
    public Form $form;

    public Units $units;

    /** The layout of the ties it stands on; null where it stands elsewhere. */
    public ?TieGroup $group;

    /** @var list<TieRow> of the ties it stands on, from the inside out */
    public array $rows;

    /** @var list<Material> all that go into its elements, each once */
    private array $kinds;

    /**
     * @param  string  $id  of the part
     * @param  list<Material>  $materials  of the first element, piece by piece or strand by strand
     * @param  ?Mix  $mix  as they are written; null where it takes none
     * @param  array<int, list<Material>>  $materialsByTie  of the element on each tie, piece by piece, by the number of the tie
     * @param  ?ColourOrder  $colourOrder  how they are laid on the ties, and on which, where its elements may differ from tie to tie
     */
    public function __construct(
        public string $id,
        public Slip $slip,
        public array $materials,
        public ?Mix $mix,
        public Anchor $anchor,
        public Surroundings $there,
        public array $materialsByTie = [],
        public ?ColourOrder $colourOrder = null,
        public ?ColourTask $colourTask = null,
    ) {
        [$this->form, $this->units, $this->group, $this->rows] = [$there->form, $there->units, $anchor->group, $anchor->rows];
        $kinds = array_column($materials, null, 'id');
        foreach ($materialsByTie as $its) {
            $kinds += array_column($its, null, 'id');
        }
        $this->kinds = array_values($kinds);
    }

    public function with(Slip $slip): self
    {
        return new self(
            $this->id,
            $slip,
            $this->materials,
            $this->mix,
            $this->anchor,
            $this->there,
            $this->materialsByTie,
            $this->colourOrder,
            $this->colourTask,
        );
    }

    /** @return list<Material> of the element on a tie, piece by piece */
    public function at(Tie $tie): array
    {
        return $this->materialsByTie[$tie->number] ?? $this->materials;
    }

    /** @return list<Material> of an element, piece by piece or strand by strand */
    public function of(Element $element): array
    {
        return $this->materialsByTie[$element->ties[0] ?? 0] ?? $this->materials;
    }

    /** @return list<Tie> those it stands on, row by row */
    public function ties(): array
    {
        return $this->anchor->ties();
    }

    public function length(string $key): Length
    {
        return $this->slip->length($key);
    }

    /** Of the widest of its wound materials; nothing where it has none. */
    public function width(): Length
    {
        return Length::ofUnits(max([0, ...array_map(fn (Wound $wound): int => $wound->width()->units, $this->wound())]));
    }

    /** @return list<Material> all that go into its elements, each once */
    public function kinds(): array
    {
        return $this->kinds;
    }

    /** @return list<Wound> those of them that are cut from a roll */
    public function wound(): array
    {
        return array_values(array_filter($this->kinds, fn (Material $material): bool => $material instanceof Wound));
    }

    /** The first of its materials. */
    public function first(): Material
    {
        return $this->materials[0] ?? throw new LogicException('This part takes no material.');
    }

    /** @return list<string> the ids of the materials of the first element, piece by piece or strand by strand */
    public function ids(): array
    {
        return array_map(fn (Material $material): string => $material->id, $this->materials);
    }
}
