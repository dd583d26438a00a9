<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\Scope;

/** How long one kind of work took on a piece, beside what the starting guess says. */
final readonly class WorkTime
{
    /**
     * @param  string  $words  "ruffles"
     * @param  int  $count  how many of them it is told for
     * @param  float  $guess  minutes for all of these, by the starting guess
     * @param  float  $said  minutes for all of these, as Davrin said then
     * @param  ?float  $took  minutes for all of these; null where nobody looked at the clock
     * @param  ?int  $outOf  how many there are, where only some were timed
     */
    public function __construct(
        public Scope $scope,
        public string $words,
        public int $count,
        public float $guess,
        public float $said,
        public ?float $took = null,
        public ?int $outOf = null,
    ) {}

    /** How long all of them took, as far as anybody knows; what nobody timed as long as was said. */
    public function together(): float
    {
        return match (true) {
            $this->took === null => $this->said,
            $this->outOf === null => $this->took,
            default => $this->took * $this->outOf / max(1, $this->count),
        };
    }

    public function took(?float $minutes): self
    {
        return new self($this->scope, $this->words, $this->count, $this->guess, $this->said, $minutes, $this->outOf);
    }

    /** The same told for more copies or fewer. What was timed of some of them is as it was timed; only how many there are changes. */
    public function forCopies(int $before, int $after): self
    {
        $times = $after / $before;

        [$count, $guess, $said, $outOf] = $this->outOf === null
            ? [(int) round($this->count * $times), $this->guess * $times, $this->said * $times, null]
            : [$this->count, $this->guess, $this->said, (int) round($this->outOf * $times)];

        return new self($this->scope, $this->words, $count, $guess, $said, $this->took, $outOf);
    }

    /** @return array<string, string|int|float|null> */
    public function asData(): array
    {
        return [
            'of' => $this->scope->of, 'material' => $this->scope->material, 'source' => $this->scope->source,
            'words' => $this->words, 'count' => $this->count,
            'guess' => round($this->guess, 6), 'said' => round($this->said, 6), 'took' => $this->took,
            'outOf' => $this->outOf,
        ];
    }

    /**
     * @param  array{of: string, material: string, source: string, words: string, count: int, guess: int|float,
     *     said: int|float, took: int|float|null, outOf: ?int}  $data
     */
    public static function fromData(array $data): self
    {
        return new self(
            new Scope($data['of'], $data['material'], $data['source']),
            $data['words'],
            $data['count'],
            (float) $data['guess'],
            (float) $data['said'],
            $data['took'] === null ? null : (float) $data['took'],
            $data['outOf'],
        );
    }
}
