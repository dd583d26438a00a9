<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Measure\Currency;

/** A kind of material: what is said of one in a plan and on the shelf. Nothing else in the core knows a kind by name. */
interface MaterialKind
{
    public function key(): string;

    /** As a choice: "mesh", "stems". */
    public function name(): string;

    /** @return array{string, string} what lies on the shelf, one and many: "roll of mesh", "rolls of mesh" */
    public function noun(): array;

    /** @return list<Blank<covariant mixed>> what a plan says of one */
    public function planBlanks(Currency $currency): array;

    /** @return list<Blank<covariant mixed>> what the shelf says of one */
    public function shelfBlanks(Currency $currency): array;

    /** What the shelf says of one, with its blanks. */
    public function shelfSentence(): string;

    /** Whether it is wound on rolls and cut to length, or counted by the piece. */
    public function isWound(): bool;
}
