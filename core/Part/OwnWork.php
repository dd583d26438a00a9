<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\Nowhere;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Phase;

/** Whatever else a piece needs, in the maker's own words: what is done, when, how long it takes, and what to mind. */
abstract class OwnWork extends CountedPart
{
    private const DOES = 'does';

    private const MINUTES = 'minutes';

    private const WHEN = 'when';

    private const CAUTION = 'caution';

    /** @var array<string, string> when it can be done, by the phase of the work */
    private const TIMES = [
        'ties' => 'before the ties', 'cutting' => 'when the cutting is done', 'making' => 'with the mesh', 'ribbon' => 'with the ribbon',
        'sign' => 'before the sign is put on', 'extras' => 'with the extras', 'finishing' => 'at the end',
    ];

    /** @var array<string, string> what can hurt at it, by the caution */
    private const CAUTIONS = [
        'none' => 'nothing but the usual care', 'paint' => 'paint and strong glue', 'hot-glue' => 'hot glue', 'cutter' => 'a cutter',
        'scissors' => 'scissors', 'flame' => 'heat', 'wire' => 'wire ends', 'staples' => 'staples',
    ];

    public function anchor(): AnchorKind
    {
        return new Nowhere;
    }

    public function blanks(): array
    {
        return [
            new TextBlank(self::DOES, 'what is done', $this->usual(), 160),
            ...$this->own(),
            new CountBlank(self::MINUTES, 'how many minutes it takes', 5, 0, 600),
            new ChoiceBlank(self::WHEN, 'when it is done', 'sign', self::TIMES),
            new ChoiceBlank(self::CAUTION, 'what to mind', 'none', self::CAUTIONS),
        ];
    }

    public function sentence(PartContext $on): string
    {
        return '{does}, '.$this->with().'as {kind}: about {minutes} min, {when}. Mind {caution}.';
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        $caution = Caution::tryFrom($on->slip->text(self::CAUTION));

        return [new BuildStep(
            "parts.$on->id",
            Phase::from($on->slip->text(self::WHEN)),
            rtrim($on->slip->text(self::DOES), '.').'.',
            'as it takes',
            array_column($demand->elements, 'id'),
            (float) $on->slip->count(self::MINUTES),
            $caution === null ? [] : [$caution],
        )];
    }

    public function size(PartContext $on): Size
    {
        return self::onTop(0.0, 'it stands nowhere', 0.0);
    }

    public function example(): Example
    {
        return Example::onWires();
    }

    /** What is done until the maker says otherwise. */
    abstract protected function usual(): string;

    /** @return list<Blank<covariant mixed>> beside those that all have */
    protected function own(): array
    {
        return [];
    }

    /** What the sentence says of its materials: "with {pieces} of {material}, ". */
    protected function with(): string
    {
        return '';
    }
}
