<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\OnTies;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Words\Words;

/** What parts of wound material share: they are cut, then made and attached in one step. */
abstract class WoundPart implements CutToLength, PartKind
{
    public function anchor(): AnchorKind
    {
        return new OnTies;
    }

    public function longest(PartContext $on): Length
    {
        return $on->length($this->lengthKey());
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        return LengthText::canonical($most);
    }

    public function words(PartContext $on): array
    {
        return [];
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        return [new BuildStep(
            "parts.$on->id",
            Phase::Making,
            sprintf(
                'Make %s and attach %s.',
                Words::count(count($demand->elements), ...$this->noun()),
                count($demand->elements) === 1 ? 'it' : 'them',
            ),
            $this->tool(),
            array_map(fn (Element $element): string => $element->id, $demand->elements),
            count($demand->elements) * $this->minutes(),
            $this->cautions(),
        )];
    }

    public function cautions(): array
    {
        return [Caution::Cutter];
    }

    /** @return list<Concern> */
    public function concerns(PartContext $on): array
    {
        return [];
    }

    public function example(): Example
    {
        return Example::onWires();
    }

    /** Minutes an element takes to make and attach (a starting guess, docs/craft-figures.md). */
    abstract protected function minutes(): float;

    /** What it is made with, beside what it is made of. */
    protected function tool(): string
    {
        return 'clips';
    }
}
