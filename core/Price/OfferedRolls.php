<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\Share;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * What a finished piece costs in one of its materials where it is cut from rolls on offer: as many layers of a narrow one as come
 * near the width of the plan's own. Only this material is counted.
 */
final readonly class OfferedRolls implements JsonSerializable
{
    /** More layers than this are no mesh any more. */
    public const MOST_LAYERS = 6;

    /**
     * @param  ?Figure  $opened  of a piece, by the rolls that are opened; null where it cannot be made of it
     * @param  ?Figure  $used  of a piece, by the length used
     * @param  ?string  $refused  why it cannot
     */
    private function __construct(
        public RollOffer $offer,
        public int $layers,
        public ?Figure $opened,
        public ?Figure $used,
        public int $rolls,
        public ?string $refused,
    ) {}

    /**
     * Each of some offers, the cheapest by what is opened first.
     *
     * @param  array<string, RollOffer>  $offers  by id
     * @param  string  $material  by id
     * @return array<string, self> by the id of the offer
     *
     * @throws Fault where the plan has no such material
     */
    public static function of(array $offers, Plan $plan, string $material, int $copies, PlanReader $reader, RollPlanner $planner): array
    {
        $wound = array_column($plan->usedWound(), null, 'id')[$material]
            ?? throw Fault::at('/material', 'This plan cuts no such material. Choose one of those that it does.');
        $cut = array_map(fn (RollOffer $offer): self => self::cutFrom($offer, $plan, $wound, $copies, $reader, $planner), $offers);
        uasort($cut, fn (self $a, self $b): int => [$a->opened === null, $a->cents()] <=> [$b->opened === null, $b->cents()]);

        return $cut;
    }

    /** "2 layers", where it takes more than one. */
    public function layersWords(): string
    {
        return $this->layers === 1 ? 'one layer' : Words::count($this->layers, 'layer');
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->offer->name(),
            'aYard' => $this->offer->aYard(),
            'aSquareFoot' => $this->offer->aSquareFoot(),
            'layers' => $this->layers,
            'rolls' => $this->rolls,
            'aPieceOpened' => $this->opened,
            'aPieceUsed' => $this->used,
            'refused' => $this->refused,
        ];
    }

    private static function cutFrom(
        RollOffer $offer,
        Plan $plan,
        Wound $wound,
        int $copies,
        PlanReader $reader,
        RollPlanner $planner,
    ): self {
        $layers = self::layers($wound, $offer->slip->length('width'));
        $written = array_intersect_key($offer->slip->write(), ['width' => 1, 'roll' => 1, 'allowance' => 1])
            + ['label' => 'label', 'onHand' => 'nothing', 'rolls' => 'as needed', 'trim' => '0 in'];
        $fill = array_combine(
            array_map(fn (string $key): string => "materials.$wound->id.$key", array_keys($written)),
            $written,
        );
        try {
            $edited = (new FillBlanks($fill))->apply($plan, $reader);
            // Each layer is cut as a piece of its own is.
            $batch = Batch::of([new Share($edited, $copies * $layers)], $planner);
        } catch (Refused $refused) {
            return new self($offer, $layers, null, null, 0, $refused->getMessage());
        }
        $rolls = array_values(array_filter($batch->materials, fn (BatchMaterial $its): bool => $its->wound->id === $wound->id));
        if (array_filter($rolls, fn (BatchMaterial $its): bool => $its->unmet() !== []) !== []) {
            return new self($offer, $layers, null, null, 0, 'Some of it does not go on a roll as short as this one.');
        }
        $opened = (int) array_sum(array_map(fn (BatchMaterial $its): int => count($its->rolls->rolls), $rolls));
        $used = Length::sum(array_map(fn (BatchMaterial $its): Length => $its->rolls->used(), $rolls));
        $units = $plan->units();

        return new self(
            $offer,
            $layers,
            self::figure($offer, $offer->aRoll()->multipliedBy($opened), $copies, Words::count($opened, 'roll').' opened'),
            self::figure(
                $offer,
                $offer->aRoll()->multipliedBy(BigRational::nd($used->units, $offer->slip->length('roll')->units)),
                $copies,
                self::usedWords($used, $units),
            ),
            $opened,
            null,
        );
    }

    /** As many as come near the width of a mesh, one at the least. Ribbon is not laid double. */
    private static function layers(Wound $wound, Length $offered): int
    {
        return $wound->wound->makesABase()
            ? max(1, min(self::MOST_LAYERS, (int) round($wound->width()->units / $offered->units)))
            : 1;
    }

    private static function usedWords(Length $used, Units $units): string
    {
        return $units->needed($used).' used';
    }

    private static function figure(RollOffer $offer, BigRational $cents, int $copies, string $because): Figure
    {
        $money = Money::rounded($cents->dividedBy($copies), $offer->slip->money('price')->currency);

        return new Figure('a piece', $money->canonical(), $money->shown(), [
            $because.($copies === 1 ? '' : ' for '.Words::count($copies, 'piece')),
        ]);
    }

    private function cents(): int
    {
        return $this->opened === null ? 0 : Money::read((string) $this->opened->value, $this->offer->slip->money('price')->currency)->cents;
    }
}
