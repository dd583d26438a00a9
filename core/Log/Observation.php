<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;

/** One thing that was measured of one piece, beside what the starting guess said of it. */
final readonly class Observation
{
    /**
     * @param  string  $words  what it is of: "ruffles", "Sage and cream, for the barn door"
     * @param  float  $guess  what the starting guess says, in the unit of its subject: minutes for one, inches, square inches per inch
     *                        of form, the length of a roll by its label in inches, inches used
     * @param  float  $real  what was measured, in the same unit; of a roll what it held, of waste what was spoiled
     * @param  ?string  $verdict  what was said of its fullness, where it is about that
     */
    public function __construct(
        public Subject $subject,
        public Scope $scope,
        public string $words,
        public float $guess,
        public float $real,
        public ?string $verdict = null,
    ) {}

    /** What it says by itself: a multiple of the starting guess, percent, or square inches of mesh per inch of form. */
    public function value(): float
    {
        return match (true) {
            $this->subject === Subject::Shortfall => max(0.0, ($this->guess - $this->real) / $this->guess * 100),
            $this->subject === Subject::Waste => $this->real / $this->guess * 100,
            $this->subject->isFactor() => round($this->real / $this->guess, 6),
            default => $this->real,
        };
    }

    /** @return array<string, string|float|null> */
    public function asData(): array
    {
        return [
            'subject' => $this->subject->value,
            'of' => $this->scope->of,
            'material' => $this->scope->material,
            'source' => $this->scope->source,
            'words' => $this->words,
            'guess' => round($this->guess, 8),
            'real' => round($this->real, 8),
            'verdict' => $this->verdict,
        ];
    }

    /**
     * @param  array{subject: string, of: string, material: string, source: string, words: string, guess: int|float,
     *     real: int|float, verdict: ?string}  $data
     */
    public static function fromData(array $data): self
    {
        return new self(
            Subject::from($data['subject']),
            new Scope($data['of'], $data['material'], $data['source']),
            $data['words'],
            (float) $data['guess'],
            (float) $data['real'],
            $data['verdict'],
        );
    }
}
