<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** What the wires of a form are called, by their place or by the name its kind gives them. */
final readonly class FormNames
{
    /** @param  array<array-key, string>  $own  by the key of a seat; "crossbar" and "start" too */
    public function __construct(private Frame $frame, private bool $wiresFromInside, private array $own) {}

    /** "two outer wires", "two middle wires", "wires 2 and 3"; counted from outside or inside, as the maker does. */
    public function of(Seat $seat): string
    {
        $wires = $this->frame->wires();
        $number = fn (int $wire): int => $this->wiresFromInside ? $wires + 1 - $wire : $wire;

        return $this->own[$seat->key()] ?? match (true) {
            $seat->isCrossbar() => $this->crossbar().' '.$seat->number,
            $seat->isPair() && $wires === 2 => 'both wires',
            $seat->isPair() && $seat->number === 1 => 'two outer wires',
            $seat->isPair() && $seat->number + 1 === $wires => 'two inner wires',
            $seat->isPair() && $seat->number === $wires - $seat->number => 'two middle wires',
            $seat->isPair() => sprintf(
                'wires %d and %d',
                min($number($seat->number), $number($seat->number + 1)),
                max($number($seat->number), $number($seat->number + 1)),
            ),
            $wires === 1 => 'wire',
            default => 'wire '.$number($seat->number),
        };
    }

    /** Where the form itself begins: "the top", "the first point". */
    public function start(): string
    {
        return $this->own['start'] ?? 'the top';
    }

    /** "crossbar", or "spoke". */
    public function crossbar(): string
    {
        return $this->own['crossbar'] ?? 'crossbar';
    }
}
