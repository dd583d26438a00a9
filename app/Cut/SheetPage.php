<?php

namespace App\Cut;

use App\Drawing\Ink;
use App\Drawing\RollStrip;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Cut\SheetCut;
use Davrin\Core\Cut\SheetRoll;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Words\Words;

/** A cut sheet as screen and paper show it. */
final readonly class SheetPage
{
    /** How many drawing units the longest roll is wide. */
    private const WIDTH = 530;

    /** A page on the screen has no more boxes than this, but for a roll that has more by itself. */
    private const CUTS_A_PAGE = 240;

    /** @var array<string, Ink> by the key of the mesh */
    public array $inks;

    /** @var non-empty-list<list<SheetRoll>> the rolls, page by page */
    public array $pages;

    /** @var array{float, float} drawing units to a unit of length, of mesh and of strands */
    private array $perUnit;

    private int $widest;

    /**
     * @param  array<string, RollPlan>  $rolls  by the key of the mesh
     * @param  string  $from  what the way back leads to: "Barn wedding"
     * @param  string  $fromUrl  where that is
     * @param  list<array{string, ?string}>  $plans  that are cut together, "Barn wedding x 2", and where each hangs; none where it is
     *                                        of one
     * @param  bool  $isShort  whether some piece is on no roll
     * @param  list<string>  $ticked  the keys of the cuts that are ticked
     * @param  array<int, string>  $kept  where what is on the shelf is stored, by what plans know it by
     */
    public function __construct(
        public string $name,
        public CutSheet $sheet,
        public CutOrder $order,
        private array $rolls,
        public Units $units,
        public Length $keepFrom,
        public string $from,
        public string $fromUrl,
        public array $plans,
        public bool $isShort,
        public array $ticked,
        private array $kept,
    ) {
        // A hank of strands is so long that meshes beside it would be too short to read: it has a scale of its own.
        $longest = fn (bool $strands): int => max(
            [
                1,
                ...array_map(
                    fn (SheetRoll $roll): int => $roll->wound->wound->isDrawnOff() === $strands ? $roll->roll->length->units : 0,
                    $sheet->rolls,
                ),
            ],
        );
        $this->perUnit = [self::WIDTH / $longest(false), self::WIDTH / $longest(true)];
        $this->widest = max([1, ...array_map(fn (SheetRoll $roll): int => $roll->wound->width()->units, $sheet->rolls)]);
        [$inks, $pages, $cuts] = [[], [[]], 0];
        foreach ($sheet->rolls as $roll) {
            $inks[$roll->key] ??= Ink::of($roll->wound, $roll->key);
            $cuts += count($roll->cuts);
            if ($cuts > self::CUTS_A_PAGE && $pages[count($pages) - 1] !== []) {
                [$pages[], $cuts] = [[], count($roll->cuts)];
            }
            $pages[count($pages) - 1][] = $roll;
        }
        [$this->inks, $this->pages] = [$inks, $pages];
    }

    public function isOfSeveral(): bool
    {
        return $this->plans !== [];
    }

    public function strip(SheetRoll $roll): RollStrip
    {
        return RollStrip::of(
            $this->units,
            $this->rolls[$roll->key],
            $roll->roll,
            $this->perUnit[(int) $roll->wound->wound->isDrawnOff()],
            $roll->wound->width()->units / $this->widest,
        );
    }

    /** Where it is stored: "the blue basket"; empty where nobody said, or it is still to be bought. */
    public function kept(SheetRoll $roll): string
    {
        return $this->kept[$roll->roll->stock->item ?? 0] ?? '';
    }

    /** The number of a page, from 1; the nearest there is to what was asked for. */
    public function page(mixed $asked): int
    {
        return is_numeric($asked) ? max(1, min(count($this->pages), (int) $asked)) : 1;
    }

    /** "2 rolls, 117 in left on them" */
    public function said(): string
    {
        $left = Length::sum(array_map(fn (SheetRoll $roll): Length => $roll->roll->left(), $this->sheet->rolls));

        return sprintf(
            '%s, %s left on %s',
            Words::count(count($this->sheet->rolls), 'roll'),
            $this->units->available($left),
            count($this->sheet->rolls) === 1 ? 'it' : 'them',
        );
    }

    public function has(string $cut): bool
    {
        return array_filter(
            $this->sheet->rolls,
            fn (SheetRoll $roll): bool => array_filter($roll->cuts, fn (SheetCut $its): bool => $its->key === $cut) !== [],
        ) !== [];
    }
}
