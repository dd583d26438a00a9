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
use Davrin\Core\Result\Words;
use Davrin\Core\Roll\RollPlan;

/** A cut sheet as screen and paper show it. */
final readonly class SheetPage
{
    /** How many drawing units the longest roll is wide. */
    private const WIDTH = 530;

    /** @var array<string, Ink> by the key of the mesh */
    public array $inks;

    /** @var array<string, array<int, RollStrip>> by the key of the mesh and the number of the roll */
    public array $strips;

    /**
     * @param  array<string, RollPlan>  $rolls  by the key of the mesh
     * @param  string  $from  what the way back leads to: "Barn wedding"
     * @param  string  $fromUrl  where that is
     * @param  bool  $isOfSeveral  whether several plans are cut together
     * @param  bool  $isShort  whether some piece is on no roll
     */
    public function __construct(
        public string $name,
        public CutSheet $sheet,
        public CutOrder $order,
        array $rolls,
        public Units $units,
        public Length $keepFrom,
        public string $from,
        public string $fromUrl,
        public bool $isOfSeveral,
        public bool $isShort,
    ) {
        // A hank of strands is so long that meshes beside it would be too short to read: it has a scale of its own.
        $longest = fn (bool $strands): int => max([1, ...array_map(fn (SheetRoll $roll): int => $roll->mesh->isStrands() === $strands ? $roll->roll->length->units : 0, $sheet->rolls)]);
        $perUnit = [self::WIDTH / $longest(false), self::WIDTH / $longest(true)];
        $widest = max([1, ...array_map(fn (SheetRoll $roll): int => $roll->mesh->width()->units, $sheet->rolls)]);
        [$inks, $strips] = [[], []];
        foreach ($sheet->rolls as $roll) {
            $inks[$roll->key] ??= Ink::of($roll->mesh, $roll->key);
            $strips[$roll->key][$roll->roll->number] = RollStrip::of($units, $rolls[$roll->key], $roll->roll, $perUnit[(int) $roll->mesh->isStrands()], $roll->mesh->width()->units / $widest);
        }
        [$this->inks, $this->strips] = [$inks, $strips];
    }

    /** "2 rolls, 117 in left on them" */
    public function said(): string
    {
        $left = Length::sum(array_map(fn (SheetRoll $roll): Length => $roll->roll->left(), $this->sheet->rolls));

        return sprintf('%s, %s left on %s', Words::count(count($this->sheet->rolls), 'roll'), $this->units->available($left), count($this->sheet->rolls) === 1 ? 'it' : 'them');
    }

    public function has(string $cut): bool
    {
        return array_filter($this->sheet->rolls, fn (SheetRoll $roll): bool => array_filter($roll->cuts, fn (SheetCut $its): bool => $its->key === $cut) !== []) !== [];
    }
}
