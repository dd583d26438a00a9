<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Mix;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;

/** The materials to deal out and the rows of ties they go to. */
final readonly class ColourTask
{
    public Neighbours $neighbours;

    /** Effort spent on the search for the best order. */
    public Effort $effort;

    /**
     * @param  non-empty-list<TieRow>  $rows  from the inside out
     * @param  Mix  $mix  the meshes that are named
     * @param  positive-int  $pieces  how many go into one element
     * @param  array<int, string>  $painted  meshes chosen by hand, by the number of the tie
     * @param  array<string, string>  $names  of all meshes of the plan, by id
     * @param  int  $steps  that looking for the best order may take
     */
    public function __construct(
        public array $rows,
        public TieGroup $group,
        public Form $form,
        public Mix $mix,
        public int $pieces,
        public array $painted,
        public array $names,
        int $steps,
    ) {
        $this->neighbours = new Neighbours($rows);
        $this->effort = Effort::of($steps);
    }

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }

    /**
     * One mesh for each element; where a tie is painted by hand, the painted one.
     *
     * @param  array<int, string>  $meshes  by the number of the tie
     * @return array<int, non-empty-list<string>>
     */
    public function each(array $meshes): array
    {
        return array_map(fn (string $mesh): array => array_fill(0, $this->pieces, $mesh), $this->withPaint($meshes));
    }

    /**
     * What was dealt, overridden by what is painted.
     *
     * @param  array<int, string>  $meshes  by the number of the tie
     * @return array<int, string>
     */
    public function withPaint(array $meshes): array
    {
        return array_replace($meshes, array_intersect_key($this->painted, $meshes));
    }

    /** @return list<Tie> those on a crossbar, or right at one */
    public function onCrossbars(): array
    {
        return array_values(array_filter($this->ties(), fn (Tie $tie): bool => $tie->isOnCrossbar($this->form)));
    }

    /** @return list<Tie> */
    public function onCorners(): array
    {
        return array_values(array_filter($this->ties(), fn (Tie $tie): bool => $tie->isAtCorner($this->form)));
    }
}
