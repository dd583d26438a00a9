<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Blank;

/** A kind of thing that lies on the shelf: what is said of it, and whether it comes by length or by the piece. */
interface MaterialKind
{
    public function key(): string;

    /** @return array{string, string} one, many: "roll of mesh", "rolls of mesh" */
    public function noun(): array;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(): array;

    /** What is said of it, with its blanks. */
    public function sentence(): string;

    /** Whether it is wound on rolls and counted by length. */
    public function isWound(): bool;
}
