<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * What all bows share (docs/craft-figures.md): strips of ribbon made to loops and tails, pinched together at the middle, with a stem or a
 * wire that is put in before the bow is closed. Several ribbons are laid on each other.
 */
abstract class Bow extends Strips implements TakesUpRoom
{
    public const HOLDS = 'holds';

    /** Held by the stem of a tie. */
    private const TIE = 'tie';

    /** A stem reaches a bow that is so close to its tie, in inches. */
    private const NEAR = 2.0;

    /** Of what its loops stand out to the sides, how far they reach up and down (a guess). */
    public const HIGH = 0.6;

    /** How far to each side tails swing for each inch that they hang, and how wide they are where they begin, in inches (guesses). */
    public const SWING = 0.3;

    public const AT_THE_KNOT = 1.0;

    private const WIRE = 'wire';

    private const PINCH = 'pinch';

    /** How far from the middle the loops of a bow stand for it to look like one, at the least, in inches. */
    protected const LEAST_LOOP = [0, 1, 2];

    /**
     * Its strips, from the lowest to the uppermost.
     *
     * @return non-empty-list<BowPiece>
     *
     * @throws Fault with a pointer below the part, where it cannot be made so
     */
    abstract public function pieces(Slip $slip, int $ribbons): array;

    /**
     * What can be made larger until a ribbon is used up: lengths and counts, by blank, and what each is called.
     *
     * @return non-empty-array<string, string>
     */
    abstract public function scales(): array;

    /** The sentence without where it stands. */
    abstract public function making(PartContext $on): string;

    public function sentence(PartContext $on): string
    {
        return $this->making($on).match (true) {
            AtSpot::partOf($on->slip) !== null => ' It is tied on the stems of {onPart}, on {many} of them, turned {turned} degrees.',
            $on->there->offers !== [] => ' It stands at {at} of {onPart}, turned {turned} degrees.',
            default => ' It stands at {at}, turned {turned} degrees.',
        };
    }

    public function noun(): array
    {
        return ['bow', 'bows'];
    }

    public function anchor(): AnchorKind
    {
        return new AtSpot(atTheBottom: true, orOnAnother: true);
    }

    public function example(): Example
    {
        return Example::onWires()->saying(['at' => '2-3: 30 in']);
    }

    public function lengthKey(): string
    {
        return (string) array_key_first($this->scales());
    }

    public function longest(PartContext $on): Length
    {
        return self::longestOf($this->pieces($on->slip, count($on->materials)));
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        $fitting = BowFits::most($this, $on->slip, count($on->materials), $this->lengthKey(), $most, $on->units);

        return is_int($fitting) ? (string) $fitting : LengthText::canonical($fitting ?? Length::zero());
    }

    public function cutTo(string $length): string
    {
        return "Make the bow of $length at the most";
    }

    public function leastRoll(PartContext $on): array
    {
        return [$this->longest($on), 'The longest strip of the bow'];
    }

    public function words(PartContext $on): array
    {
        $lengths = [];
        foreach ($this->pieces($on->slip, count($on->materials)) as $piece) {
            $id = $on->materials[$piece->ribbon]->id;
            $lengths[$id] = ($lengths[$id] ?? Length::zero())->plus($piece->length());
        }
        $alike = array_unique(array_map(fn (Length $length): int => $length->units, $lengths));
        $needed = array_map(fn (Length $length): string => $on->units->needed($length), array_values($lengths));
        // Only where it is pinched loop by loop does it turn its back.
        $faced = ! $on->slip->has(self::PINCH) ? [] : array_filter(
            $on->wound(),
            fn (Wound $ribbon): bool => $ribbon->slip->has(Ribbon::SIDES) && $ribbon->slip->text(Ribbon::SIDES) === 'one',
        );

        return [
            'takes' => count($alike) === 1
                ? $needed[0].(count($lengths) > 1 ? ' of each ribbon' : '')
                : Words::list($needed).' of its ribbons',
            'twist' => $faced === [] ? '' : ' Twist the ribbon at every pinch, so that its face stays outward.',
            ...$this->its($on),
        ];
    }

    protected function trails(PartContext $on): float
    {
        $pieces = $this->pieces($on->slip, count($on->materials));
        $all = array_merge(...array_map(fn (BowPiece $piece): array => [...$piece->loops, ...$piece->tails], $pieces));

        return $all === [] ? 0.0 : Length::longest(...$all)->toInches();
    }

    /** Its loops, and below them its tails. */
    public function room(PartContext $on): array
    {
        $pieces = $this->pieces($on->slip, count($on->materials));
        [$loop, $tail, $rooms] = [self::longestLoop($pieces)->toInches(), self::longestTail($pieces)->toInches(), []];
        foreach ($on->anchor->places as $place) {
            $middle = $place->point();
            if ($loop > 0.0) {
                $rooms[] = Board::oval($middle, 2 * $loop, 2 * $loop * self::HIGH);
            }
            if ($tail > 0.0) {
                $rooms[] = Board::rectangle($middle->plus(new Point(0.0, $tail / 2)), $tail * self::SWING + self::AT_THE_KNOT, $tail);
            }
        }

        return $rooms;
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        $steps = parent::steps($on, $demand);
        $make = array_pop($steps);
        $held = ['stem' => 'a stem', self::WIRE => 'a wire'][$on->slip->text(self::HOLDS)] ?? "the tie's stem";
        $hold = new BuildStep(
            "hold.$on->id",
            Phase::Bow,
            "Have $held at hand, and lay it across the middle of the bow before it is closed.",
            'fingers',
            [],
            0.0,
            [],
            array_column($steps, 'key'),
        );

        return [...$steps, $hold, ...($make === null ? [] : [$make->after(["hold.$on->id"])])];
    }

    public function concerns(PartContext $on): array
    {
        return [...$this->upsideDown($on), ...$this->widerThanTheForm($on), ...$this->withoutAStem($on)];
    }

    /**
     * A bow that is to be held by a stem that is there needs one where it stands.
     *
     * @return list<Concern>
     */
    private function withoutAStem(PartContext $on): array
    {
        $place = $on->anchor->places[0] ?? null;
        $isHeld = $place === null || $on->anchor->part !== null || $on->slip->text(self::HOLDS) !== self::TIE || array_filter(
            $on->there->ties->all(),
            fn (Tie $tie): bool => $tie->place->point()->distanceTo($place->point()) <= self::NEAR,
        ) !== [];

        return $isHeld ? [] : [new Concern(
            'bow-stem',
            'No stem for the bow.',
            "It is to be held by a tie's stem, and there is no tie where it stands.",
            [],
            ['Give it a stem of its own' => [self::HOLDS => 'stem']],
            'Put it on a tie.',
        )];
    }

    protected function phase(): Phase
    {
        return Phase::Bow;
    }

    protected function howItTurnsOver(): string
    {
        return 'The two tails of a bow run opposite ways along the ribbon, and on one of them the print stands on its head.';
    }

    /**
     * A bow wider than the form hides what it hangs on.
     *
     * @return list<Concern>
     */
    private function widerThanTheForm(PartContext $on): array
    {
        $wide = self::longestLoop($this->pieces($on->slip, count($on->materials)))->times(2);
        $form = Length::ofUnits((int) (max($on->form->box()->wide(), $on->form->box()->high()) * Length::PER_INCH));
        $step = $on->units->step()->units;
        $fits = Length::ofUnits(intdiv($form->units, 2 * $step) * $step);

        return $on->anchor->ties() !== [] || ! $wide->isMoreThan($form) ? [] : [new Concern('wide-bow', 'Wider than the form.', sprintf(
            'The loops of the bow are %s across from side to side, and the form is %s. So wide a bow hides what it hangs on.',
            $on->units->needed($wide),
            $on->units->available($form),
        ), [], $on->slip->has('loop') ? [
            'Make its loops '.$on->units->exact($fits) => ['loop' => LengthText::canonical($fits)],
        ] : [], 'It would take smaller loops, or a larger form.')];
    }

    protected function made(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->anchor->places as $index => $place) {
            $element = Element::elsewhere($on->id, $index + 1, $place);
            array_push($cuts, ...array_map(
                fn (BowPiece $piece): Cut => new Cut($element, $on->materials[$piece->ribbon]->id, $piece->length()),
                $this->pieces($on->slip, count($on->materials)),
            ));
        }

        return self::held($on, Demand::ofCuts($cuts));
    }

    /** With what holds each of them. */
    protected static function held(PartContext $on, Demand $demand): Demand
    {
        $goods = ['stem' => Stems::KEY, self::WIRE => self::WIRE][$on->slip->text(self::HOLDS)] ?? null;

        return $goods === null ? $demand : $demand->taking(GoodsNeed::pieces($goods, count($demand->elements)));
    }

    protected function does(PartContext $on, int $elements): string
    {
        return $elements === 1
            ? 'Make '.$this->name().', pull its loops open, and tie it on.'
            : sprintf('Make %d times %s, pull the loops open, and tie them on.', $elements, $this->name());
    }

    protected function minutes(): float
    {
        return 6.0;
    }

    /** @return array<string, string> words of its own sentence */
    protected function its(PartContext $on): array
    {
        return [];
    }

    /** What the sentence says behind what is its own. */
    protected static function closing(): string
    {
        return ' It takes {=takes}.{=twist} Its ends are cut {ends}, and it is held by {holds}.';
    }

    /** @return list<Blank<covariant mixed>> */
    protected static function bowBlanks(string $usualHold = 'stem'): array
    {
        return [
            ...self::endBlanks(),
            new ChoiceBlank(self::HOLDS, 'what holds it', $usualHold, [
                'stem' => 'a stem of its own', self::WIRE => 'a wire of its own', self::TIE => "a tie's stem",
            ]),
        ];
    }

    protected static function loop(string $key, string $label, Length $usual): LengthBlank
    {
        return LengthBlank::of($key, $label, $usual, Length::inches(...self::LEAST_LOOP), Length::inches(36));
    }

    protected static function tail(string $key, string $label, Length $usual): LengthBlank
    {
        return LengthBlank::of($key, $label, $usual, Length::inches(...self::LEAST_LOOP), Length::yards(3));
    }

    /** Two tails alike, or each of its own length. */
    protected static function tails(Length $usual): LengthsBlank
    {
        return new LengthsBlank('tails', 'the tails', [$usual], 1, 2, Length::inches(...self::LEAST_LOOP), Length::yards(3));
    }

    /** @return array{Length, Length} */
    protected static function bothTails(Slip $slip): array
    {
        $tails = $slip->lengths('tails');

        return [$tails[0], $tails[1] ?? $tails[0]];
    }

    protected static function pinch(): LengthBlank
    {
        return LengthBlank::of(self::PINCH, 'what a pinch takes', Length::inches(0, 1, 2), Length::zero(), Length::inches(3));
    }

    /** @param  non-empty-list<BowPiece>  $pieces */
    public static function longestLoop(array $pieces): Length
    {
        return Length::longest(Length::zero(), ...array_merge(...array_map(fn (BowPiece $piece): array => $piece->loops, $pieces)));
    }

    /** @param  non-empty-list<BowPiece>  $pieces */
    public static function longestTail(array $pieces): Length
    {
        return Length::longest(Length::zero(), ...array_merge(...array_map(fn (BowPiece $piece): array => $piece->tails, $pieces)));
    }

    /** @param  non-empty-list<BowPiece>  $pieces */
    public static function longestOf(array $pieces): Length
    {
        return Length::longest(...array_map(fn (BowPiece $piece): Length => $piece->length(), $pieces));
    }

    /**
     * The same strip of every ribbon, laid on each other.
     *
     * @param  list<Length>  $loops
     * @param  list<Length>  $tails
     * @return non-empty-list<BowPiece>
     */
    protected static function ofEach(int $ribbons, array $loops, array $tails, Length $pinches): array
    {
        return array_map(
            fn (int $ribbon): BowPiece => new BowPiece($ribbon, $loops, $tails, $pinches),
            range(0, max(0, $ribbons - 1)),
        );
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::strips(self::MOST_TOGETHER);
    }
}
