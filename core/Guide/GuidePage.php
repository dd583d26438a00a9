<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Demand\Caution;
use Davrin\Core\Measure\Units;

/** One page of the guide. */
final readonly class GuidePage
{
    /**
     * @param  string  $key  its own within the guide
     * @param  string  $is  what it is and when to choose it, in one sentence
     * @param  string  $not  when not to
     * @param  list<string>  $called  what else people call it
     * @param  list<string>  $usual  usual figures, in words
     * @param  ?string  $twist  how it is tied: which way to twist, and how often; null where nothing is tied
     * @param  non-empty-list<GuideStep>  $steps
     * @param  ?string  $shows  what is drawn where the page stands in a list; null where that follows from its chapter
     * @param  GuideStep  $wrong  how it looks when it has gone wrong
     * @param  string  $mend  and what mends it
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public string $key,
        public Chapter $chapter,
        public string $title,
        public string $is,
        public string $not,
        public array $called,
        public array $usual,
        public ?string $twist,
        public array $steps,
        public ?string $shows,
        public GuideStep $wrong,
        public string $mend,
        public array $cautions,
    ) {}

    /** With every length in the maker's own units. */
    public function told(Units $units): self
    {
        $told = fn (string $words): string => LengthWords::told($words, $units);
        $step = fn (GuideStep $step): GuideStep => new GuideStep($step->drawn, $told($step->says));

        return new self(
            $this->key,
            $this->chapter,
            $this->title,
            $told($this->is),
            $told($this->not),
            $this->called,
            array_map($told, $this->usual),
            $this->twist === null ? null : $told($this->twist),
            array_map($step, $this->steps),
            $this->shows,
            $step($this->wrong),
            $told($this->mend),
            $this->cautions,
        );
    }

    /** What a search finds it by, the more telling first. */
    public function words(): string
    {
        $said = [$this->title, ...$this->called, $this->chapter->words(), $this->is, $this->not, ...$this->usual, $this->twist ?? ''];
        foreach ([...$this->steps, $this->wrong] as $step) {
            $said[] = $step->says;
        }

        return mb_strtolower(implode(' · ', [...$said, $this->mend]));
    }

    /**
     * How well it answers a search: 4 by just one of its names, 3 by a part of its own, 2 by a part of another, 1 by its words, 0 not at
     * all.
     */
    public function answers(string $sought): int
    {
        $sought = trim(mb_strtolower($sought));
        $bears = fn (string $name): bool => str_contains(mb_strtolower($name), $sought);
        $isIt = fn (string $name): bool => rtrim(mb_strtolower($name), 's') === rtrim($sought, 's');
        $words = preg_split('/[\s,]+/u', $sought, -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return match (true) {
            $words === [] => 0,
            array_filter([$this->title, ...$this->called], $isIt) !== [] => 4,
            $bears($this->title) => 3,
            array_filter($this->called, $bears) !== [] => 2,
            array_filter($words, fn (string $word): bool => ! str_contains($this->words(), $word)) === [] => 1,
            default => 0,
        };
    }
}
