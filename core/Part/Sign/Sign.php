<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Sign;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\PointsBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\CountedPart;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\OffersPlaces;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;
use Davrin\Core\Part\TakesUpRoom;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A sign, or another flat centre: it floats on the mesh or hangs, and what lies behind it is not seen. */
final class Sign extends CountedPart implements HidesWhatIsBehind, OffersPlaces, TakesUpRoom
{
    public const KEY = 'sign';

    public const WORDS = 'words';

    /** What it shows. */
    public const FACE = 'face';

    private const FIXINGS = 'fixings';

    private const DROP = 'drop';

    private const CUSHION = 'cushion';

    /** How far out a finished piece may reach beyond its form, so that a sign on it is none too large to be meant, in inches. */
    private const BEYOND = 9.0;

    /** Of its width and height what words usually take (a guess). */
    private const WRITTEN = [0.75, 0.6];

    /** Of a glue stick for a fixing (a guess). */
    private const GLUE = [1, 4];

    /** Minutes to fix its stems and to tie it on, of 8 together (a guess). */
    private const FIX = 5.0;

    private const TIE = 3.0;

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'a sign';
    }

    public function noun(): array
    {
        return ['sign', 'signs'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::pieces(['sign'], 'sign');
    }

    public function anchor(): AnchorKind
    {
        return new AtSpot;
    }

    public function blanks(): array
    {
        $shapes = array_combine(
            array_column(SignShape::cases(), 'value'),
            array_map(fn (SignShape $shape): string => $shape->words(), SignShape::cases()),
        );
        $held = array_combine(
            array_column(HeldBy::cases(), 'value'),
            array_map(fn (HeldBy $by): string => $by->words(), HeldBy::cases()),
        );
        $size = fn (string $key, string $label, int $usual): LengthBlank => LengthBlank::of(
            $key,
            $label,
            Length::inches($usual),
            Length::inches(0, 1, 2),
            Length::yards(3),
        );

        return [
            new ChoiceBlank('shape', 'the shape of the sign', SignShape::Rectangle->value, $shapes),
            new PointsBlank('outline', 'its outline', Point::list([[0, 0], [10, 0], [8, 3.5], [10, 7], [0, 7]])),
            $size('width', 'the width of the sign', 10),
            $size('height', 'the height of the sign', 7),
            LengthBlank::of(
                'thickness',
                'how thick the sign is',
                Length::inches(0, 1, 4),
                Length::inches(0, 1, 32),
                Length::inches(4),
            ),
            new ChoiceBlank(self::FACE, 'what is on it', 'words', ['words' => 'plain', 'photo' => 'with a photograph']),
            new NoteBlank(self::WORDS, 'the words on it', 60, 'no words'),
            new RoomBlank(
                self::DROP,
                'how far below its spot it hangs',
                Length::inches(0, 1, 4),
                Length::inches(36),
                'on the mesh',
            ),
            new ChoiceBlank('kept', 'whether it can be taken out', 'fixed', [
                'fixed' => 'for good', 'removable' => 'so that it can be taken out again',
            ]),
            new CountBlank(self::FIXINGS, 'the number of fixings', 2, 0, 12, 'no'),
            new ChoiceBlank(HeldBy::KEY, 'what each fixing is', HeldBy::Doubled->value, $held),
            new ChoiceBlank('by', 'how it is fixed on the sign', 'glue', [
                'glue' => 'hot glue with a patch over it', 'staple' => 'staples', 'holes' => 'holes in the sign',
            ]),
            new ChoiceBlank(self::CUSHION, 'what lies under it', 'none', [
                'none' => 'nothing but the mesh', 'scraps' => 'a cushion of scraps',
            ]),
        ];
    }

    public function sentence(PartContext $on): string
    {
        $slip = $on->slip;

        return 'Put on {material} as {kind}: {shape}'.(self::shape($slip) === SignShape::Outline ? ' {outline}' : '')
            .', {width} wide and {height} high, {thickness} thick, {face}, with {words} on it. It '
            .($slip->lengthIfAny(self::DROP) === null ? 'lies {drop} at {at}' : 'hangs {drop} below {at}')
            .', turned {turned} degrees, on {cushion}, and is held by {fixings} fixings'
            .($slip->count(self::FIXINGS) === 0 ? '' : ', each {with}, fixed with {by},').' {kept}.{=places} {=covers}';
    }

    public function words(PartContext $on): array
    {
        $covered = array_map(fn (Tie $tie): int => $tie->number, $this->covered($on));

        return [
            'places' => $on->slip->count(self::FIXINGS) === 0
                ? ''
                : ' '.Fixing::told($this->fixings($on)),
            'covers' => $covered === [] ? 'It covers no tie.' : 'It covers '.Words::ties($covered).'.',
        ];
    }

    public function demand(PartContext $on): Demand
    {
        self::mustLieOnThePiece($on, $this->board($on));
        [$board, $fixings] = [$this->board($on), $on->slip->count(self::FIXINGS)];
        $element = Element::elsewhere($on->id, 1, new Place($board->middle->x, $board->middle->y, $board->turned));

        return Demand::ofElements([$element])->taking(
            GoodsNeed::pieces($on->first()->kind->key(), 1, $on->first()->id),
            ...($fixings === 0 ? [] : [HeldBy::from($on->slip->text(HeldBy::KEY))->need($fixings)]),
            ...($fixings > 0 && $on->slip->text('by') === 'glue' ? [GoodsNeed::part('glue', $fixings * self::GLUE[0], self::GLUE[1])] : []),
        );
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        [$fix, $set, $fixings, $by] = ["fix.$on->id", "set.$on->id", $on->slip->count(self::FIXINGS), $on->slip->text('by')];
        $does = [
            'glue' => ['hot glue, with a patch over each', 'glue gun', [Caution::HotGlue]],
            'staple' => ['staples, slanted, and only in thick wood', 'stapler', [Caution::Staples]],
            'holes' => ['its holes', 'fingers', []],
        ][$by] ?? ['its holes', 'fingers', []];
        $steps = $fixings === 0 ? [] : [new BuildStep(
            $fix,
            Phase::Sign,
            sprintf(
                'Take the hanger and loose glitter off the sign, mark where the wires fall, and fix %s on its back with %s.',
                Words::count($fixings, 'fixing'),
                $does[0],
            ),
            $does[1],
            [],
            self::FIX,
            $does[2],
        )];
        if ($fixings > 0 && $by === 'glue') {
            $steps[] = new BuildStep($set, Phase::Sign, 'Let the glue set before anything pulls at it.', 'time', [], 0.0, [], [$fix]);
        }
        if ($on->slip->text(self::CUSHION) === 'scraps') {
            $steps[] = new BuildStep("cushion.$on->id", Phase::Sign, 'Lay scraps under the place of the sign.', 'fingers', [], 0.5);
        }

        return [...$steps, new BuildStep(
            "parts.$on->id",
            Phase::Sign,
            $fixings === 0
                ? 'Put the sign in its place.'
                : 'Tie the sign on loosely, turn the piece over, look whether it is level, then tighten.'
                    .($on->slip->text('kept') === 'fixed' ? '' : ' Leave the ends long enough to be opened again.'),
            'fingers',
            array_column($demand->elements, 'id'),
            self::TIE,
            [],
            array_column($steps, 'key'),
        )];
    }

    public function size(PartContext $on): Size
    {
        $board = $this->board($on);
        $box = $board->box();

        return self::onTop($on->length('thickness')->toInches(), 'how thick it is', max($box->wide(), $box->high()) / 2);
    }

    public function room(PartContext $on): array
    {
        return [$this->board($on)];
    }

    public function offers(PartContext $on): array
    {
        return array_map(fn (Fixing $fixing): Place => $fixing->place, $this->fixings($on));
    }

    /** Where it lies, seen from the front: upright, turned as is written. */
    public function board(PartContext $on): Board
    {
        [$wide, $high] = [$on->length('width')->toInches(), $on->length('height')->toInches()];
        $spot = $on->anchor->places[0]->point();
        $drop = $on->slip->lengthIfAny(self::DROP);
        $middle = $drop === null ? $spot : $spot->plus(new Point(0.0, $drop->toInches() + $high / 2));
        $outline = $on->slip->objects('outline', Point::class);

        return self::shape($on->slip)->board(
            $outline === [] ? [Point::middle()] : $outline,
            $middle,
            $wide,
            $high,
            (float) $on->slip->count(AtSpot::TURNED),
        );
    }

    public function written(PartContext $on): Board
    {
        return $this->board($on)->scaled(...self::WRITTEN);
    }

    public function liesOnTheMesh(PartContext $on): bool
    {
        return $on->slip->lengthIfAny(self::DROP) === null;
    }

    public function onACushion(PartContext $on): array
    {
        return $on->slip->text(self::CUSHION) === 'none' && $this->liesOnTheMesh($on) ? [self::CUSHION => 'scraps'] : [];
    }

    /** @return list<Tie> those whose own point lies behind it */
    public function covered(PartContext $on): array
    {
        $board = $this->board($on);

        return array_values(array_filter($on->there->ties->all(), fn (Tie $tie): bool => $board->holds($tie->place->point())));
    }

    /** @return list<Fixing> */
    private function fixings(PartContext $on): array
    {
        return Fixing::spread($on->slip->count(self::FIXINGS), $this->board($on), $on->form, $on->units);
    }

    private static function shape(Slip $slip): SignShape
    {
        return SignShape::from($slip->text('shape'));
    }

    /** @throws Fault where it is larger than any piece on this form gets, or lies beside it */
    private static function mustLieOnThePiece(PartContext $on, Board $board): void
    {
        [$piece, $box, $hangs] = [$on->form->box()->widened(self::BEYOND), $board->box(), $on->slip->lengthIfAny(self::DROP) !== null];
        foreach (['width' => [$box->wide(), $piece->wide()], 'height' => [$box->high(), $piece->high()]] as $key => [$its, $most]) {
            if ($its > $most) {
                throw Fault::at("/$key", sprintf(
                    'The sign takes up %s this way, and no piece on this form is larger than %s. Write less, or choose a larger form.',
                    $on->units->needed(self::length($its)),
                    $on->units->available(self::length($most)),
                ));
            }
        }
        $form = $on->form->box();
        $isBeside = $box->right < $form->left || $box->left > $form->right || $box->bottom < $form->top
            || ($box->top > $form->bottom && ! $hangs);
        if ($isBeside) {
            throw Fault::at('/'.AtSpot::SPOT, sprintf(
                'There the sign lies beside the piece: the form is %s x %s. Write a spot that is closer to its middle.',
                $on->units->available(self::length($form->wide())),
                $on->units->available(self::length($form->high())),
            ));
        }
    }

    private static function length(float $inches): Length
    {
        return Length::nearInches($inches);
    }
}
