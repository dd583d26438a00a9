<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Slip;

/** The ties that one layout makes. */
final readonly class TieGroup
{
    /** @param  non-empty-list<TieRow>  $rows from the inside out */
    public function __construct(public string $id, public TieLayout $layout, public Slip $slip, public array $rows, public StemKind $stem) {}

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }
}
