<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Material\Material;

/** One thing that is done and ticked at the bench: a tie, a cut, an element, or a step that is done to the whole. */
final readonly class Unit
{
    /**
     * @param  string  $key  its own within the build, of the piece of work, the step, and what it is done to: "1/parts.outer/outer.9"
     * @param  int  $copy  which piece of work, from 1
     * @param  string  $place  where it is done, read from afar: "Tie 9"
     * @param  string  $what  "ruffle of Teal stripe"
     * @param  string  $how  one or two sentences
     * @param  float  $minutes  it usually takes
     * @param  int  $number  among those of its step, from 1
     * @param  list<int>  $ties  whose places are lit
     * @param  list<Material>  $materials
     * @param  list<string>  $beside  what is next to it, in words, where colours differ
     * @param  ?string  $roll  the key of the roll that it comes from
     * @param  ?string  $cut  which piece of that roll
     * @param  ?array{section: int, number: int, of: int}  $section
     */
    public function __construct(
        public string $key,
        public int $copy,
        public Deed $deed,
        public BuildStep $step,
        public string $place,
        public string $what,
        public string $how,
        public float $minutes,
        public string $group,
        public int $number,
        public int $of,
        public array $ties = [],
        public array $materials = [],
        public ?Element $element = null,
        public array $beside = [],
        public ?string $roll = null,
        public ?string $cut = null,
        public ?array $section = null,
    ) {}

    /** @return list<Caution> what to mind at it; a blade is minded where something is cut */
    public function cautions(): array
    {
        return array_values(array_filter(
            $this->step->cautions,
            fn (Caution $caution): bool => $this->deed !== Deed::Make || ! in_array($caution, [Caution::Cutter, Caution::Scissors], true),
        ));
    }

    /** Whether it is done at the back of the piece, so that this side is shown. */
    public function isAtTheBack(): bool
    {
        return $this->step->phase === Phase::Finishing || str_starts_with($this->step->key, 'fix.');
    }

    /** "tie 10, Teal stripe" */
    public function short(): string
    {
        $names = Material::names($this->materials);

        return ($this->deed === Deed::Cut ? $this->place : lcfirst($this->place)).($names === '' ? '' : ", $names");
    }
}
