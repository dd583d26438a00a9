<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

/** All that happened to one thing on the shelf, oldest first, and so what is left of it. */
final readonly class Ledger
{
    /** @param  list<Movement>  $movements */
    public function __construct(public array $movements) {}

    /** In units of length, or pieces. */
    public function left(): int
    {
        return array_sum(array_map(fn (Movement $movement): int => $movement->isUndone ? 0 : $movement->by, $this->movements));
    }

    /**
     * The same with one of them undone, in whatever order that makes sense.
     *
     * @param  int  $held  what is reserved of it
     * @param  callable(int): string  $shown  says an amount
     *
     * @throws StandsInTheWay
     */
    public function without(int $id, int $held, callable $shown): self
    {
        $movement = array_values(
            array_filter($this->movements, fn (Movement $movement): bool => $movement->id === $id && ! $movement->isUndone),
        )[0] ?? throw StandsInTheWay::undoneAlready();
        $later = array_filter($this->movements, fn (Movement $other): bool => $other->id > $id && ! $other->isUndone);
        if (array_filter($later, fn (Movement $other): bool => $other->kind->settlesWhatWasBefore()) !== []) {
            throw StandsInTheWay::measuredSince();
        }
        if ($movement->kind === MovementKind::Came && $later !== []) {
            throw StandsInTheWay::usedSince();
        }
        $left = $this->left() - $movement->by;
        if ($left < 0) {
            throw StandsInTheWay::tooLittle($shown($this->left()), $shown($movement->by));
        }
        if ($left < $held) {
            throw StandsInTheWay::held($shown($held), $shown(max(0, $left)));
        }

        return new self(
            array_map(
                fn (Movement $other): Movement => $other === $movement ? new Movement($other->id, $other->kind, $other->by, true) : $other,
                $this->movements,
            ),
        );
    }
}
