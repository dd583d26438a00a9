<?php

declare(strict_types=1);

namespace Davrin\Core\Technique;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\Work;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Fault;
use Davrin\Core\Ties\TieRow;

/** A way of putting mesh on ties. Nothing else in the core knows a technique by name. */
interface Technique
{
    public function key(): string;

    /** As a choice: "a ruffle". */
    public function name(): string;

    /**
     * What its elements are called: one and many.
     *
     * @return array{string, string}
     */
    public function noun(): array;

    /** The recipe sentence on so many rows; {key} stands for a blank, {=count} for the number that follows from the ties. */
    public function sentence(int $rows): string;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(): array;

    /** The blank that is written smaller when the mesh is short. */
    public function lengthKey(): string;

    /** As a remedy says it: "Cut 18 1/2 in each". */
    public function cutTo(string $length): string;

    /**
     * What one element takes from a roll at the least, and in words what that is made of.
     *
     * @return array{Length, string}
     */
    public function leastRoll(Slip $slip): array;

    /**
     * What stands on these ties, and what it takes.
     *
     * @param  non-empty-list<TieRow>  $rows
     *
     * @throws Fault with an empty pointer, where it cannot be made on these ties
     */
    public function work(string $layer, Slip $slip, array $rows): Work;

    /** How far an element stands out from its row across the form, in inches (an estimate). */
    public function reach(Slip $slip, Length $meshWidth): float;

    /** How far an element stretches along its row to each side of its middle, in inches (an estimate, for drawings). */
    public function span(Slip $slip): float;

    /** Minutes an element takes to make and attach (a starting guess). */
    public function minutes(): float;
}
