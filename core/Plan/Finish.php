<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Anchor\FormSpot;
use Davrin\Core\Anchor\FormSpotBlank;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Form\Form;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Measure\Weight;
use Davrin\Core\Words\Words;

/** How a piece is finished: its stems, its hanger, its back, and where it hangs. */
final readonly class Finish
{
    public const HANG_AT = 'hangAt';

    public const BACK = 'back';

    public const HOOK = 'hook';

    private const HANGER = 'hanger';

    private const SEEN = 'seen';

    private const STEMS = 'stems';

    private const CAPS = 'caps';

    /** Minutes, all starting guesses (docs/craft-figures.md): fluffing 10, and 5 for the stems, the hanger and the back together. */
    private const FLUFFING = 10.0;

    private const CUTTING_STEMS = 1.0;

    private const HANGING = 2.0;

    private const CLOSING = 2.0;

    /** What the hanger is, what it takes, and how that is said. */
    private const HANGERS = [
        'form' => [null, 'the form itself'],
        'stem' => [Stems::KEY, 'a loop of stem'],
        'wire' => ['wire', 'a loop of wire'],
        'hanger' => ['hanger', 'a bought hanger'],
    ];

    private const BACKS = [
        'open' => [null, 'left open'],
        'felt' => ['felt', 'covered with felt'],
        'board' => ['board', 'covered with a board'],
        'tin' => ['tin', 'covered with a tin'],
        'cloth' => ['cloth', 'covered with a cloth'],
    ];

    public function __construct(public Slip $slip, private Form $form) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Form $form): array
    {
        return [
            new ChoiceBlank(self::STEMS, 'what becomes of the stem ends', 'cut', ['cut' => 'cut off', 'tucked' => 'tucked in whole']),
            new CountBlank(self::CAPS, 'the number of end caps', 0, 0, 40, 'no'),
            new ChoiceBlank(self::HANGER, 'what it hangs by', 'form', array_map(fn (array $its): string => $its[1], self::HANGERS)),
            new FormSpotBlank(self::HANG_AT, 'the spot it hangs by', $form, FormSpot::named(FormSpot::TOP)),
            new ChoiceBlank(self::BACK, 'the back', 'open', array_map(fn (array $its): string => $its[1], self::BACKS)),
            new ChoiceBlank(self::SEEN, 'what it hangs on', 'solid', [
                'solid' => 'a solid door or a wall', 'glass' => 'glass, where its back is seen',
            ]),
            new WeightBlank(self::HOOK, 'what its hook is rated for', 'a weight that is not known'),
        ];
    }

    public static function sentence(): string
    {
        return 'Fluff it from the inside out. Stem ends are {stems}, with {caps} end caps. The back is {back}. It hangs by {hanger} at '
            .'{hangAt}, on {seen}, from a hook rated for {hook}.';
    }

    /** Seen from the front. */
    public function hangsAt(): Place
    {
        return $this->slip->object(self::HANG_AT, FormSpot::class)->place($this->form);
    }

    /** What its hook is rated for; null where nobody knows. */
    public function hook(): ?Weight
    {
        return $this->slip->weightIfAny(self::HOOK);
    }

    /** Whether its back is seen through the glass that it hangs on. */
    public function isSeenFromBehind(): bool
    {
        return $this->slip->text(self::SEEN) === 'glass';
    }

    public function isOpen(): bool
    {
        return $this->slip->text(self::BACK) === 'open';
    }

    public function demand(): Demand
    {
        [$hanger, $hangs] = self::HANGERS[$this->slip->text(self::HANGER)];
        [$back, $covered] = self::BACKS[$this->slip->text(self::BACK)];
        $caps = $this->slip->count(self::CAPS);

        return Demand::none()->taking(
            ...($hanger === null ? [] : [GoodsNeed::pieces($hanger, 1)->because("the hanger, $hangs")]),
            ...($back === null ? [] : [
                GoodsNeed::pieces($back, 1)->because("the back, $covered"),
                GoodsNeed::part('glue', 1, 2)->because('half a stick for the back'),
            ]),
            ...($caps === 0 ? [] : [GoodsNeed::pieces('cap', $caps)->because(Words::count($caps, 'open end'))]),
        )->inSteps(
            new BuildStep(
                'fluffing',
                Phase::Fluffing,
                'Fluff it from the inside out, and pull the layers apart.',
                'fingers',
                [],
                self::FLUFFING,
            ),
            new BuildStep(
                'stems',
                Phase::Fluffing,
                $this->slip->text(self::STEMS) === 'cut'
                    ? 'Cut off the stem ends nobody needs, and tuck in the rest.'
                    : 'Tuck in every stem end.',
                'wire cutter',
                [],
                self::CUTTING_STEMS,
                [Caution::Wire],
                ['fluffing'],
            ),
            new BuildStep(
                'hanger',
                Phase::Finishing,
                $hanger === null
                    ? 'Hang it by the form itself, and look whether it hangs level.'
                    : "Put $hangs at its place, inside at the back, and look whether the piece hangs level.",
                'wire and pliers',
                [],
                self::HANGING,
                [Caution::Hook, Caution::Door],
            ),
            new BuildStep(
                'back',
                Phase::Finishing,
                'Tuck in every end, so that nothing scratches'.($caps === 0 ? '' : ', put on '.Words::count($caps, 'end cap'))
                    .($back === null ? '.' : ', and have the back '.$covered.'.'),
                $back === null ? 'fingers' : 'glue gun',
                [],
                self::CLOSING,
                $back === null ? [] : [Caution::HotGlue],
                ['hanger'],
            ),
        );
    }
}
