<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Words\Fault;

/**
 * A kind of part: one sentence of the recipe, with what it asks for and how large it gets. Each has a folder of its own here,
 * with its words for the guide (guide.txt), and one of the same name in the application for its drawing. Nothing else in the
 * core knows a kind by name.
 */
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

    /** How many of which materials go into one element. */
    public function materials(): MaterialUse;

    /** Where it stands. */
    public function anchor(): AnchorKind;

    /** The recipe sentence; {key} stands for a blank, {=count} for the number of elements, {=key} for one of its words. */
    public function sentence(PartContext $on): string;

    /** @return array<string, string> the computed words of the sentence */
    public function words(PartContext $on): array;

    /** @return list<Blank<covariant mixed>> beside those of its materials and of where it stands */
    public function blanks(): array;

    /**
     * What stands there, and what it takes.
     *
     * @throws Fault with a pointer below the part, where it cannot be made so
     */
    public function demand(PartContext $on): Demand;

    /** @return list<BuildStep> how that is made, in order */
    public function steps(PartContext $on, Demand $demand): array;

    /** How large one element gets (an estimate). */
    public function size(PartContext $on): Size;

    /**
     * Below the first it is thin, above the second very full: square inches of mesh per inch of the form (starting guesses).
     *
     * @return ?array{int, int} null where its fullness says nothing
     */
    public function fullness(): ?array;

    /** @return list<Caution> what to mind at it, beside that of the zip ties that it takes */
    public function cautions(): array;

    /** @return list<Concern> what is seen coming where it stands */
    public function concerns(PartContext $on): array;

    /** What the guide shows it on. */
    public function example(): Example;
}
