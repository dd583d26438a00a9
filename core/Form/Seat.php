<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** What a stem goes round: two neighbouring wires, one wire, or a crossbar. Wires are counted from the outside in. */
final readonly class Seat
{
    private const PAIR = 'pair';

    private const WIRE = 'wire';

    private const CROSSBAR = 'crossbar';

    private function __construct(private string $kind, public int $number) {}

    public static function pair(int $outer): self
    {
        return new self(self::PAIR, $outer);
    }

    public static function wire(int $number): self
    {
        return new self(self::WIRE, $number);
    }

    public static function crossbar(int $number): self
    {
        return new self(self::CROSSBAR, $number);
    }

    /** Of "1-2", "3" or "crossbar 2"; null for anything else. */
    public static function read(string $key): ?self
    {
        return match (1) {
            preg_match('/^(\d{1,2})-(\d{1,2})$/', $key, $found) => (int) $found[2] === (int) $found[1] + 1
                ? self::pair((int) $found[1])
                : null,
            preg_match('/^(\d{1,2})$/', $key, $found) => self::wire((int) $found[1]),
            preg_match('/^crossbar (\d{1,2})$/', $key, $found) => self::crossbar((int) $found[1]),
            default => null,
        };
    }

    public function key(): string
    {
        return match ($this->kind) {
            self::PAIR => $this->number.'-'.($this->number + 1),
            self::WIRE => (string) $this->number,
            default => "crossbar $this->number",
        };
    }

    public function isPair(): bool
    {
        return $this->kind === self::PAIR;
    }

    public function isCrossbar(): bool
    {
        return $this->kind === self::CROSSBAR;
    }

    /** @return list<int> the wires it goes round; none for a crossbar */
    public function wires(): array
    {
        return match ($this->kind) {
            self::PAIR => [$this->number, $this->number + 1],
            self::WIRE => [$this->number],
            default => [],
        };
    }
}
