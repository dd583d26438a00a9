<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\SpreadOut;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Ties\Layout\SeatChoice;
use Davrin\Core\Words\Words;

/**
 * What all extras share: so many pieces spread over the finished mesh, laid out first and fixed last. Some are taken apart into
 * several; weak stems are doubled.
 */
abstract class Extras extends CountedPart implements TakesUpRoom
{
    /** How many come of one that is bought. */
    private const EACH = 'each';

    private const BY = 'by';

    private const STEM = 'stem';

    /** Of a glue stick for one (a guess). */
    private const GLUE = [1, 8];

    /** Minutes to fix one, and to take one apart or double a stem (guesses). */
    private const FIX = 0.7;

    private const PREPARE = 0.3;

    /** @var array<string, string> how they can be fixed, by key */
    private const WAYS = ['glue' => 'hot glue', 'wire' => 'a piece of wire each', 'stem' => 'its own stem, pushed in and twisted'];

    /** The kind of material they are, by key. */
    abstract protected function good(): string;

    /** How wide one usually is. */
    abstract protected function usualSize(): Length;

    public function materials(): MaterialUse
    {
        return MaterialUse::pieces([$this->good()], $this->noun()[1]);
    }

    public function anchor(): AnchorKind
    {
        return new SpreadOut($this->usualCount());
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of(SpreadOut::SIZE, 'how wide one is', $this->usualSize(), Length::inches(0, 1, 4), Length::inches(24)),
            ...($this->comesApart() ? [new CountBlank(self::EACH, 'how many come of one that is bought', 1, 1, 24)] : []),
            new ChoiceBlank(self::BY, 'what they are fixed with', $this->usualWay(), self::WAYS),
            ...$this->stemBlanks(),
        ];
    }

    public function sentence(PartContext $on): string
    {
        $noun = $this->noun()[$on->slip->count(SpreadOut::COUNT) === 1 ? 0 : 1];

        return "Spread {spots} $noun of {material} as {kind}, each {size} wide"
            .($this->comesApart() ? ', {each} of each that is bought' : '')
            .', along {pair}, the first {first}, {moved} moved by hand. Fix them with {by}'
            .($on->slip->has(self::STEM) ? ', their stems {stem}' : '').'.{=spread}';
    }

    public function words(PartContext $on): array
    {
        $count = $on->slip->count(SpreadOut::COUNT);
        $clear = SpreadOut::clearance($on->slip, $on->there, $on->anchor->first);
        $degrees = fn (float $part): string => sprintf('%s degrees', self::tenths($part * 360));
        $row = $on->form->length(SeatChoice::of($on->form, $on->slip));
        $inches = fn (float $part): string => $on->units->place(Length::nearInches($part * $row));
        $isRound = $on->form->frame->round() && $on->form->closed();
        $told = $isRound ? $degrees : $inches;
        $first = $on->anchor->first / $row;
        $least = fn (float $part): string => $isRound
            ? self::down($part)
            : $on->units->available(Length::ofUnits((int) floor($part * $row * Length::PER_INCH + 1e-6)));

        return ['spread' => sprintf(
            ' They stand %s apart, the first %s from where the count begins%s.',
            $told(1 / $count),
            $told($first),
            $clear === null ? '' : ", and each at least {$least($clear)} from every tie",
        )];
    }

    public function demand(PartContext $on): Demand
    {
        $elements = array_map(
            fn (Place $place, int $index): Element => Element::elsewhere($on->id, $index + 1, $place),
            $on->anchor->places,
            array_keys($on->anchor->places),
        );
        [$count, $good] = [count($elements), $on->first()];
        $each = self::each($on);

        return Demand::ofElements($elements)->taking(
            GoodsNeed::part($good->kind->key(), $count, $each, $good->id),
            ...match ($on->slip->text(self::BY)) {
                'glue' => [GoodsNeed::part('glue', $count * self::GLUE[0], self::GLUE[1])],
                'wire' => [GoodsNeed::pieces('wire', $count)],
                default => [],
            },
            ...($this->isWeak($on) ? [GoodsNeed::pieces('wire', $count)] : []),
        );
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        [$count, $ids, $steps] = [count($demand->elements), array_column($demand->elements, 'id'), []];
        $named = Words::count($count, ...$this->noun());
        $each = self::each($on);
        if ($each > 1) {
            $bought = intdiv($count + $each - 1, $each);
            $steps[] = new BuildStep(
                "apart.$on->id",
                Phase::LayingOut,
                sprintf('Take %s apart into %s.', Words::count($bought, $this->goodNoun()[0], $this->goodNoun()[1]), $named),
                'wire cutter',
                [],
                $bought * self::PREPARE,
                [Caution::Wire],
            );
        }
        if ($this->isWeak($on)) {
            $steps[] = new BuildStep(
                "double.$on->id",
                Phase::LayingOut,
                sprintf('Double the stems of %s with 6 in of 12-gauge wire each, and wind tape over it.', $named),
                'wire cutter and tape',
                [],
                $count * self::PREPARE,
                [Caution::Wire],
            );
        }
        $steps[] = new BuildStep(
            "layout.$on->id",
            Phase::LayingOut,
            "Lay out $named, step back, and move what does not please. Nothing is fixed yet.",
            'eyes',
            $ids,
            0.0,
            [],
            array_column($steps, 'key'),
        );

        $by = $on->slip->text(self::BY);
        $with = ['glue' => 'hot glue', 'wire' => 'wire'][$by] ?? 'their own stems';

        return [...$steps, new BuildStep(
            "parts.$on->id",
            Phase::Extras,
            "Fix $named with $with.",
            ['glue' => 'glue gun', 'wire' => 'pliers'][$by] ?? 'fingers',
            $ids,
            $count * self::FIX,
            [...(['glue' => [Caution::HotGlue], 'wire' => [Caution::Wire]][$by] ?? []), Caution::SmallParts],
            ["layout.$on->id"],
            'Fix it where it was laid out, with '.($with === 'their own stems' ? 'its own stem' : $with).'.',
        )];
    }

    public function size(PartContext $on): Size
    {
        $size = $on->length(SpreadOut::SIZE)->toInches();

        return self::onTop($size / 2, 'half as deep as wide', $size / 2);
    }

    public function room(PartContext $on): array
    {
        $size = $on->length(SpreadOut::SIZE)->toInches();

        return array_map(fn (Place $place): Board => Board::oval($place->point(), $size, $size), $on->anchor->places);
    }

    /** The eye likes odd numbers. */
    public function concerns(PartContext $on): array
    {
        $count = $on->slip->count(SpreadOut::COUNT);
        $takes = fn (int $more): string => Words::count($count + $more, ...$this->noun());

        return $count % 2 === 1 ? [] : [new Concern(
            'even-number',
            'An even number.',
            "$count pair off to the eye. An odd number looks spread.",
            [],
            [
                'Take '.$takes(1) => [SpreadOut::COUNT => (string) ($count + 1)],
                'Take '.$takes(-1) => [SpreadOut::COUNT => (string) ($count - 1)],
            ],
        )];
    }

    public function example(): Example
    {
        return Example::onWires()->saying(['spots' => 1, 'first' => '30 in']);
    }

    protected function usualCount(): int
    {
        return 5;
    }

    protected function usualWay(): string
    {
        return 'glue';
    }

    /** Whether one that is bought may give several. */
    protected function comesApart(): bool
    {
        return false;
    }

    /** @return array{string, string} what is bought is called, one and many */
    protected function goodNoun(): array
    {
        return $this->noun();
    }

    /** @return list<Blank<covariant mixed>> */
    protected function stemBlanks(): array
    {
        return [];
    }

    protected static function weakStems(): ChoiceBlank
    {
        return new ChoiceBlank(self::STEM, 'whether the stems are strong', 'strong', [
            'strong' => 'as they are', 'weak' => 'doubled with wire and tape',
        ]);
    }

    /** How many come of one that is bought. */
    private static function each(PartContext $on): int
    {
        return $on->slip->has(self::EACH) ? $on->slip->count(self::EACH) : 1;
    }

    private function isWeak(PartContext $on): bool
    {
        return $on->slip->has(self::STEM) && $on->slip->text(self::STEM) === 'weak';
    }

    private static function tenths(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }

    /** A part of the whole turn in degrees, rounded down: it is what is there at the least. */
    private static function down(float $part): string
    {
        return self::tenths(floor($part * 3600 + 1e-6) / 10).' degrees';
    }
}
