<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Fault;

/** A way of putting mesh on ties. Nothing else in the core knows a technique by name. */
interface PartKind
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

    /** How many meshes go into one element. */
    public function meshes(): MaterialUse;

    /** The recipe sentence; {key} stands for a blank, {=count} for the number that follows from the ties, {=key} for one of its words. */
    public function sentence(PartContext $on): string;

    /** @return array<string, string> the computed words of the sentence */
    public function words(PartContext $on): array;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(): array;

    /** The blank that is written smaller when the mesh is short. */
    public function lengthKey(): string;

    /** As a remedy says it: "Cut 18 1/2 in each". */
    public function cutTo(string $length): string;

    /**
     * What takes most of a roll in one stretch, and in words what that is.
     *
     * @return array{Length, string}
     */
    public function leastRoll(PartContext $on): array;

    /**
     * What stands on these ties, and what it takes.
     *
     * @throws Fault with a pointer below the layer, where it cannot be made so
     */
    public function work(PartContext $on): Demand;

    /** How large one element gets (an estimate). */
    public function size(PartContext $on): Size;

    /**
     * Below the first it is thin, above the second very full: square inches of mesh per inch of the form (starting guesses).
     *
     * @return ?array{int, int} null where its fullness says nothing
     */
    public function fullness(): ?array;

    /** Minutes an element takes to make and attach (a starting guess). */
    public function minutes(): float;

    /** @return list<Caution> beside that of the zip ties that its work takes */
    public function cautions(): array;

    /** @return list<Concern> */
    public function doubts(PartContext $on): array;
}
