<?php

declare(strict_types=1);

namespace Davrin\Core\Learned;

use Davrin\Core\Words\Words;

/** What is used instead of a starting guess, and what it rests on. */
final readonly class LearnedFigure
{
    /**
     * @param  float  $value  what its subject says: a multiple, square inches of mesh per inch of form, or percent
     * @param  int  $from  how many pieces it rests on; of rolls, how many rolls
     * @param  bool  $isHeld  whether the maker holds it, whatever the log says
     */
    public function __construct(
        public Subject $subject,
        public Scope $scope,
        public float $value,
        public int $from,
        public bool $isHeld = false,
    ) {}

    /** "learned from 5 pieces", "learned from 3 rolls", "held by you" */
    public function words(): string
    {
        return match (true) {
            $this->isHeld => 'held by you',
            $this->scope->isOfDesign() => 'learned from '.Words::count($this->from, 'piece').' of this plan',
            default => 'learned from '.Words::count($this->from, $this->subject === Subject::Shortfall ? 'roll' : 'piece'),
        };
    }

    /** A multiple of a starting guess: "0.825 times the starting guess, learned from 4 pieces". */
    public function timesWords(): string
    {
        return self::number($this->value, 3).' times the starting guess, '.$this->words();
    }

    /** Without zeros at its end. */
    public static function number(float $value, int $places): string
    {
        $shown = number_format($value, $places, '.', '');

        return str_contains($shown, '.') ? rtrim(rtrim($shown, '0'), '.') : $shown;
    }

    /** @return array<string, string|int> as a plan file holds it */
    public function write(): array
    {
        return [
            'figure' => $this->subject->value,
            'of' => $this->scope->of,
            'material' => $this->scope->material,
            'source' => $this->scope->source,
            'value' => self::number($this->value, 6),
            'from' => $this->from,
            'by' => $this->isHeld ? 'maker' : 'log',
        ];
    }
}
