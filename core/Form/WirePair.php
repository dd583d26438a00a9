<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** Two neighbouring wires that a stem goes round, counted from the outside in. */
final readonly class WirePair
{
    private function __construct(public int $outer, public int $inner) {}

    public static function startingAt(int $outer): self
    {
        return new self($outer, $outer + 1);
    }

    public static function outermost(): self
    {
        return self::startingAt(1);
    }

    public static function innermost(Form $form): self
    {
        return self::startingAt($form->wires() - 1);
    }

    /** "two outer wires", "two middle wires", "wires 2 and 3". */
    public function name(Form $form): string
    {
        return match (true) {
            $form->wires() === 2 => 'both wires',
            $this->outer === 1 => 'two outer wires',
            $this->inner === $form->wires() => 'two inner wires',
            $this->outer - 1 === $form->wires() - $this->inner => 'two middle wires',
            default => "wires $this->outer and $this->inner",
        };
    }
}
