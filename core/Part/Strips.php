<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;
use WeakMap;

/**
 * What all parts share that are made of strips of ribbon: one strip of each ribbon that is named, each of its own length, its ends
 * shaped and sealed. Several sets of ribbons may come by turns.
 */
abstract class Strips extends WoundPart implements SaysHowToCut
{
    public const LENGTHS = 'lengths';

    private const THICK = 'thick';

    private const ENDS = 'ends';

    private const DEPTH = 'depth';

    private const SETS = 'sets';

    private const TOP_LOOP = 'topLoop';

    private const DOVETAIL = 'dovetail';

    /** More ribbons than this are not tied together. */
    protected const MOST_TOGETHER = 9;

    /** What is done to ends that fray, with what, and what to mind. */
    private const SEALED = [
        'frays' => ['Seal', Caution::Flame, 'heat cutter'],
        'dip' => ['Dip', Caution::Dip, 'clear medium'],
    ];

    /** Minutes for each time an end is shaped, sealed or dipped (a starting guess). */
    private const END = 0.1;

    /** @var WeakMap<PartContext, Demand> its words, its steps and its concerns tell of it too */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap;
    }

    final public function demand(PartContext $on): Demand
    {
        $demand = $this->known[$on] ?? $this->made($on);
        $this->known[$on] = $demand;

        return $demand;
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::strips(2 * self::MOST_TOGETHER);
    }

    public function lengthKey(): string
    {
        return self::LENGTHS;
    }

    public function cutTo(string $length): string
    {
        return "Cut strips of $length";
    }

    public function longest(PartContext $on): Length
    {
        $lengths = $this->lengths($on);

        return $lengths === [] ? Length::zero() : Length::longest(...$lengths);
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        return implode(', ', array_map(
            fn (Length $length): string => LengthText::canonical($length->atMost($most->minus(self::thick($on)))),
            $on->slip->lengths(self::LENGTHS),
        ));
    }

    public function leastRoll(PartContext $on): array
    {
        return [$this->longest($on), 'A strip'];
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function words(PartContext $on): array
    {
        $strips = array_values($this->stripsOf($on));

        return [
            'strips' => Words::count(array_sum($strips), 'strip'),
            'way' => self::way($on)->words($strips === [] ? [0] : $strips).self::way($on)->other(max([0, ...$strips])),
        ];
    }

    public function howToCut(PartContext $on): ?string
    {
        $strips = array_values($this->stripsOf($on));

        return self::way($on) === CuttingWay::OneByOne || $strips === [] ? null : sprintf(
            '%s: %s, %s. Shape the ends of a stack in one go.',
            ucfirst($this->noun()[1]),
            $on->slip->show(CuttingWay::KEY, $on->units).(
                self::way($on) === CuttingWay::Board ? ' '.$on->units->exact($on->length(self::THICK)).' thick' : ''
            ),
            self::way($on)->words($strips),
        );
    }

    /** Lies on what is there, and no measure of the piece counts it. */
    public function size(PartContext $on): Size
    {
        return new Size(
            0.0,
            'ribbon lies on the mesh',
            $this->trails($on),
            0.0,
            'ribbon lies on the mesh',
            trails: $this->trails($on),
        );
    }

    /** How far an end trails from where it is tied, in inches. */
    protected function trails(PartContext $on): float
    {
        return $this->longest($on)->toInches() / 2;
    }

    public function cautions(): array
    {
        return [Caution::Scissors];
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        [$ends, $make] = ["ends.$on->id", "parts.$on->id"];
        $strips = $this->stripsOf($on);
        $strokes = array_sum(array_map(self::way($on)->endStrokes(...), $strips));
        $steps = [new BuildStep(
            $ends,
            Phase::Cutting,
            sprintf(
                $on->slip->text(self::ENDS) === self::DOVETAIL
                    ? 'Dovetail %s of %s: fold each lengthwise and cut from the fold outward.'
                    : 'Trim %s of %s.',
                Words::count(2 * array_sum($strips), 'end'),
                Words::count(array_sum($strips), 'strip'),
            ),
            'scissors',
            [],
            $strokes * self::END,
            [Caution::Scissors],
        )];
        foreach (self::SEALED as $how => [$does, $caution, $tool]) {
            $fraying = array_filter(
                $on->wound(),
                fn (Wound $ribbon): bool => $ribbon->slip->has(Ribbon::FRAYS) && $ribbon->slip->text(Ribbon::FRAYS) === $how,
            );
            $count = 2 * array_sum(array_map(fn (Wound $ribbon): int => $strips[$ribbon->id] ?? 0, $fraying));
            $steps = $count === 0 ? $steps : [...$steps, new BuildStep(
                "$how.$on->id",
                Phase::Cutting,
                sprintf('%s %s of %s.', $does, Words::count($count, 'end'), Material::names(array_values($fraying))),
                $tool,
                [],
                $count * self::END,
                [$caution],
                [$ends],
            )];
        }

        return [...$steps, new BuildStep(
            $make,
            $this->phase(),
            $this->does($on, count($demand->elements)),
            'fingers',
            array_map(fn (Element $element): string => $element->id, $demand->elements),
            count($demand->elements) * $this->minutes(),
            [],
            array_column($steps, 'key'),
        )];
    }

    public function concerns(PartContext $on): array
    {
        return [...$this->upsideDown($on), ...$this->thickBoard($on)];
    }

    /** @throws Fault */
    abstract protected function made(PartContext $on): Demand;

    /** When it is put on. */
    protected function phase(): Phase
    {
        return Phase::Ribbon;
    }

    /** What is done at the bench: "Tie on 9 sets." */
    abstract protected function does(PartContext $on, int $elements): string;

    /** @return list<Blank<covariant mixed>> */
    protected static function stripBlanks(int $inches): array
    {
        return [
            new LengthsBlank(
                self::LENGTHS,
                'the length of a strip',
                [Length::inches($inches)],
                1,
                2 * self::MOST_TOGETHER,
                Length::inches(1),
                Length::yards(20),
            ),
            CuttingWay::blank(),
            LengthBlank::of(
                self::THICK,
                'the thickness of the board',
                Length::inches(0, 1, 4),
                Length::inches(0, 1, 32),
                Length::inches(12),
            ),
            ...self::endBlanks(),
        ];
    }

    /** @return list<Blank<covariant mixed>> */
    protected static function endBlanks(): array
    {
        return [
            new ChoiceBlank(self::ENDS, 'how the ends are cut', self::DOVETAIL, [
                self::DOVETAIL => 'with a dovetail', 'slant' => 'at a slant', 'straight' => 'straight',
            ]),
            LengthBlank::of(
                self::DEPTH,
                'the depth of the dovetail',
                Length::inches(0, 3, 4),
                Length::inches(0, 1, 8),
                Length::inches(3),
            ),
        ];
    }

    protected static function setsBlank(): CountBlank
    {
        return new CountBlank(self::SETS, 'the number of sets that come by turns', 1, 1, 6);
    }

    /** @return list<Blank<covariant mixed>> how the ribbons of a set that is laid over the mesh lie on each other */
    protected static function layingBlanks(): array
    {
        return [
            self::setsBlank(),
            new ChoiceBlank('laid', 'how they are laid', 'stacked', [
                'beside' => 'side by side', 'stacked' => 'one on another', 'crossed' => 'crossed as an X',
            ]),
            new RoomBlank(self::TOP_LOOP, 'the loop of the top one', Length::inches(0, 1, 2), Length::inches(6), 'not looped'),
            HeldAt::blank(),
        ];
    }

    /** What the sentence says of cutting. */
    protected static function cuttingSentence(PartContext $on): string
    {
        return 'Cut {=strips} of {material}, {lengths} long, {cutting}'.(self::way($on) === CuttingWay::Board ? ' {thick} thick' : '')
            .' ({=way}), the ends '.self::endsSentence($on).'.';
    }

    protected static function endsSentence(PartContext $on): string
    {
        return '{ends}'.($on->slip->text(self::ENDS) === self::DOVETAIL ? ' {depth} deep' : '');
    }

    /** "The ribbons make 2 sets by turns.", where there are several ribbons. */
    protected static function setsSentence(PartContext $on): string
    {
        return count($on->materials) < 2 ? '' : ' They make {sets} '.($on->slip->count(self::SETS) === 1 ? 'set.' : 'sets, by turns.');
    }

    protected static function sets(PartContext $on): int
    {
        return $on->slip->has(self::SETS) ? $on->slip->count(self::SETS) : 1;
    }

    /**
     * The cuts of an element of one of the sets.
     *
     * @return list<Cut>
     */
    protected function cuts(PartContext $on, Element $element, int $set = 0): array
    {
        $together = $this->together($on);
        $cuts = [];
        foreach (array_slice($this->lengths($on), $set * $together, $together) as $place => $length) {
            $cuts[] = new Cut($element, $on->materials[$set * $together + $place]->id, $length);
        }

        return $cuts;
    }

    /** A set on each of its places that is no tie. */
    protected function atPlaces(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->anchor->places as $index => $place) {
            $element = Element::elsewhere($on->id, $index + 1, $place);
            array_push($cuts, ...$this->cuts($on, $element, $index % self::sets($on)));
        }

        return Demand::ofCuts($cuts);
    }

    /**
     * One length for all ribbons, or one for each of them or of a set.
     *
     * @return list<Length> of each ribbon
     *
     * @throws Fault where there are others
     */
    protected static function ofEachRibbon(Slip $slip, string $key, int $ribbons, int $sets = 1): array
    {
        $written = $slip->lengths($key);

        return match (count($written)) {
            $ribbons => $written,
            1 => array_fill(0, max(1, $ribbons), $written[0]),
            intdiv($ribbons, $sets) => array_merge(...array_fill(0, $sets, $written)),
            default => throw Fault::at("/$key", sprintf(
                'There are %s and %s. Write one length for all, or one for each.',
                Words::count($ribbons, 'ribbon'),
                Words::count(count($written), 'length'),
            )),
        };
    }

    /** How many ribbons make a set. */
    private function together(PartContext $on): int
    {
        [$ribbons, $sets] = [count($on->materials), self::sets($on)];
        if ($ribbons % $sets !== 0) {
            throw Fault::at('/'.self::SETS, sprintf(
                '%s do not make %d sets alike. Name as many ribbons for each set, or write another number of sets.',
                Words::count($ribbons, 'ribbon'),
                $sets,
            ));
        }

        return $ribbons / $sets <= self::MOST_TOGETHER ? intdiv($ribbons, $sets) : throw Fault::at('/material', sprintf(
            'Up to %d ribbons go together in one place, and these are %d. Take some away, or make them more sets.',
            self::MOST_TOGETHER,
            intdiv($ribbons, $sets),
        ));
    }

    /** @return list<Length> of each ribbon that is named, as it is cut */
    private function lengths(PartContext $on): array
    {
        $this->together($on);
        $each = self::ofEachRibbon($on->slip, self::LENGTHS, count($on->materials), self::sets($on));
        $thick = self::thick($on);
        foreach ($thick->isZero() ? [] : $each as $length) {
            if (! $thick->isLessThan($length)) {
                throw Fault::at('/'.self::THICK, sprintf(
                    'A board %s long cannot be %s thick. Write less, or cut in another way.',
                    $on->units->exact($length),
                    $on->units->exact($thick),
                ));
            }
        }
        $loop = $on->slip->has(self::TOP_LOOP) ? $on->slip->lengthIfAny(self::TOP_LOOP) : null;
        if ($loop !== null && ! $loop->times(2)->isLessThan($each[count($each) - 1])) {
            throw Fault::at('/'.self::TOP_LOOP, sprintf(
                'A loop of %s takes %s, and the strip on top has %s. Write a smaller loop, or a longer strip.',
                $on->units->exact($loop),
                $on->units->exact($loop->times(2)),
                $on->units->exact($each[count($each) - 1]),
            ));
        }

        return array_map(fn (Length $length): Length => $length->plus($thick), $each);
    }

    /** What a board adds to each strip; nothing where none is used. */
    private static function thick(PartContext $on): Length
    {
        return self::way($on) === CuttingWay::Board ? $on->length(self::THICK) : Length::zero();
    }

    private static function way(PartContext $on): CuttingWay
    {
        return $on->slip->has(CuttingWay::KEY) ? CuttingWay::from($on->slip->text(CuttingWay::KEY)) : CuttingWay::OneByOne;
    }

    /** @return array<string, int> strips of each ribbon, by its id */
    private function stripsOf(PartContext $on): array
    {
        return array_count_values(array_map(fn (Cut $cut): string => $cut->material, $this->demand($on)->cuts));
    }

    /** Whether a strip has a tail on either side of where it is tied. */
    protected function hangsBothWays(PartContext $on): bool
    {
        return ! $on->slip->has(HeldAt::KEY) || HeldAt::of($on->slip) === HeldAt::Middle;
    }

    /** How a print on it comes to stand on its head. */
    protected function howItTurnsOver(): string
    {
        return 'A strip tied at its middle hangs to both sides, and on one of them the print stands on its head.';
    }

    /** @return list<Concern> */
    protected function upsideDown(PartContext $on): array
    {
        $upright = array_values(array_filter(
            $on->wound(),
            fn (Wound $ribbon): bool => $ribbon->slip->has(Ribbon::PRINT) && $ribbon->slip->text(Ribbon::PRINT) === Ribbon::UPRIGHT,
        ));
        $canBeHeldOtherwise = $on->slip->has(HeldAt::KEY);

        return $upright === [] || ! $this->hangsBothWays($on) ? [] : [new Concern('print', 'A print would hang upside down.', sprintf(
            'The print of %s must stand upright. %s',
            Material::names($upright),
            $this->howItTurnsOver(),
        ), [], $canBeHeldOtherwise ? [
            'Tie them at their upper ends' => [HeldAt::KEY => HeldAt::End->value],
        ] : [], 'It would take a ribbon without a print to mind.')];
    }

    /**
     * A thick board makes each strip longer than the board.
     *
     * @return list<Concern>
     */
    private function thickBoard(PartContext $on): array
    {
        $thick = self::thick($on);
        $strips = $this->stripsOf($on);
        foreach ($thick->isZero() ? [] : $on->wound() as $ribbon) {
            $lengths = array_unique(array_map(
                fn (Cut $cut): int => $cut->length->units,
                array_filter($this->demand($on)->cuts, fn (Cut $cut): bool => $cut->material === $ribbon->id),
            ));
            $gives = fn (int $length): int => intdiv($ribbon->nominal()->minus($ribbon->slip->length('trim'))->units, $length);
            foreach ($lengths as $length) {
                [$wound, $byHand, $needed] = [$gives($length), $gives($length - $thick->units), $strips[$ribbon->id]];
                if ($wound > 0 && intdiv($needed + $wound - 1, $wound) > intdiv($needed + $byHand - 1, $byHand)) {
                    return [new Concern('board', 'Strips longer than their board.', sprintf(
                        'Strips from a board %s thick come out %s long. So a roll of %s gives %d, and cut by hand it would give %d.',
                        $on->units->exact($thick),
                        $on->units->exact(Length::ofUnits($length)),
                        $ribbon->name(),
                        $wound,
                        $byHand,
                    ), [], [
                        'Fan-fold them instead' => [CuttingWay::KEY => CuttingWay::FanFold->value],
                        'Cut them one by one instead' => [CuttingWay::KEY => CuttingWay::OneByOne->value],
                    ], 'It would take a thinner board.')];
                }
            }
        }

        return [];
    }
}
