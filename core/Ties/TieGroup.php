<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Slip;

/** The ties that one layout makes. */
final readonly class TieGroup
{
    /** @param  non-empty-list<TieRow>  $rows from the inside out */
    public function __construct(public string $id, public TieLayout $layout, public Slip $slip, public array $rows, public StemKind $stem) {}

    /** Whether it is made tie by tie, so that one can be added or taken away. */
    public function isFree(): bool
    {
        return $this->slip->has(SpotsBlank::KEY);
    }

    public function has(int $tie): bool
    {
        $ties = $this->ties();

        return $tie >= $ties[0]->number && $tie <= $ties[count($ties) - 1]->number;
    }

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }
}
