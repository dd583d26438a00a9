<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Words\Words;

/** The ties that one layout makes. */
final readonly class TieGroup
{
    /**
     * @param  non-empty-list<TieRow>  $rows  from the inside out
     * @param  Fastening  $fastening  what each is made with
     * @param  bool  $together  whether they are numbered round the form together with those of the layout before
     */
    public function __construct(
        public string $id,
        public TieLayout $layout,
        public Slip $slip,
        public Form $form,
        public array $rows,
        public Fastening $fastening,
        public bool $together = false,
    ) {}

    /** Whether it is made tie by tie, so that one can be added or taken away. */
    public function isFree(): bool
    {
        return $this->slip->has(SpotsBlank::KEY);
    }

    public function has(int $tie): bool
    {
        return in_array($tie, array_column($this->ties(), 'number'), true);
    }

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }

    /** "ties 1 to 18"; of those that are numbered among others each stretch. */
    public function numbers(): string
    {
        $numbers = array_column($this->ties(), 'number');
        sort($numbers);
        $isOneStretch = count($numbers) - 1 === $numbers[count($numbers) - 1] - $numbers[0];

        return $isOneStretch ? "ties $numbers[0] to {$numbers[count($numbers) - 1]}" : Words::ties($numbers);
    }

    /** @param  array<int, int>  $numbers  the new number of each tie, by its number now */
    public function numbered(array $numbers): self
    {
        return new self($this->id, $this->layout, $this->slip, $this->form, array_map(fn (TieRow $row): TieRow => new TieRow(
            array_map(fn (Tie $tie): Tie => $tie->numbered($numbers[$tie->number]), $row->ties), $row->closed,
        ), $this->rows), $this->fastening, $this->together);
    }
}
