<?php

namespace App\Guide;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** What a step says of its drawing: the state of the work, its measures and what is particular about it. */
final readonly class Said
{
    /**
     * @param  list<float>  $numbers
     * @param  list<string>  $words
     */
    private function __construct(public string $state, public array $numbers, public array $words, private Units $units) {}

    /** @param  Units  $units  that what is measured in it is told in */
    public static function of(string $drawn, Units $units = Units::Inches): self
    {
        $tokens = preg_split('/\s+/', trim($drawn), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $state = array_shift($tokens) ?? '';

        return new self(
            $state,
            array_values(array_map(floatval(...), array_filter($tokens, is_numeric(...)))),
            array_values(array_filter($tokens, fn (string $token): bool => ! is_numeric($token))),
            $units,
        );
    }

    public function number(int $which, float $usual): float
    {
        return $this->numbers[$which] ?? $usual;
    }

    /** "20 in", "51 cm" */
    public function length(float $inches): string
    {
        return $this->units->place(Length::nearInches($inches));
    }

    public function is(string $word): bool
    {
        return in_array($word, $this->words, true);
    }

    /** @param  list<string>  $known */
    public function oneOf(array $known, string $usual): string
    {
        return array_values(array_intersect($known, $this->words))[0] ?? $usual;
    }

    public function ink(): string
    {
        return $this->is('ribbon') ? 'r' : 'a';
    }
}
