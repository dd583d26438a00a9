<?php

namespace App\Shelf;

use App\Drawing\Ink;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\StockKind;

/**
 * What there is of one thing as it stands on its board, all to one scale: rolls as thick as what is left on them, pieces stacked, packs
 * as full as they are.
 */
final readonly class ShelfThings
{
    /** Drawing units in an inch. */
    public const SCALE = 5.4;

    private const HEIGHT = 120;

    private const WIDTH = 172;

    /** So thick a layer lies on a roll, in inches, where nobody measured the roll (guess). */
    private const THICK = [Mesh::KEY => 0.04];

    private const CORE = 1.5;

    private const MOST_PACKS = 8;

    /** So many different lengths are told; of more only how many. */
    private const MOST_TOLD = 24;

    public Ink $ink;

    /** @var list<array{x: float, y: float, width: float, height: float, ghost: float, kind: string, part: float, words: string}> */
    public array $things;

    /** How many more there are than are drawn. */
    public int $more;

    /** Where the last of those drawn ends. */
    public float $end;

    /** How high the board above it has to be. */
    public float $height;

    public function __construct(public ShelfItem $item)
    {
        $slip = $item->slip();
        $this->ink = Ink::from($slip->text('colour'), $slip->has('hatch') ? $slip->text('hatch') : 'none', "s$item->id");
        $stock = $item->stock->filter(fn (ShelfStock $stock): bool => $stock->amount > 0)
            ->sortBy(fn (ShelfStock $stock): array => [array_search($stock->kind, StockKind::cases(), true), -$stock->amount])->values();
        $drawn = $item->ware()->isWound() ? $stock->map($this->wound(...))->all() : $this->packs((int) $stock->sum('amount'));
        [$things, $x] = [[], 4.0];
        foreach ($drawn as $thing) {
            if ($x + $thing['ghost'] > self::WIDTH - 24) {
                break;
            }
            $things[] = ['x' => round($x + ($thing['ghost'] - $thing['width']) / 2, 1)] + $thing;
            $x += $thing['ghost'] + 5;
        }
        // A roll's upper end is seen from a little above.
        $this->height = max([30.0, ...array_map(fn (array $thing): float => $thing['height'] + 6, $things)]);
        $this->things = array_map(fn (array $thing): array => ['y' => round($this->height - $thing['height'], 1)] + $thing, $things);
        $this->end = $x;
        $this->more = ($item->ware()->isWound() ? count($stock) : count($drawn)) - count($things);
    }

    /** "2 x 10 yd, 131 in": what there is, equal rolls drawn together. */
    public function words(): string
    {
        if (! $this->item->ware()->isWound()) {
            return $this->item->together() === 0 ? 'nothing left' : $this->item->togetherWords();
        }
        $alike = [];
        $longestFirst = $this->item->stock->where('amount', '>', 0)->sortByDesc('amount');
        foreach ($longestFirst->sortBy(fn (ShelfStock $stock): bool => $stock->kind === StockKind::Loose) as $stock) {
            $words = $stock->kind === StockKind::Full
                ? ShelfStock::units()->roll(Length::ofUnits($stock->amount))
                : $stock->shown($stock->amount);
            $alike[$words] = ($alike[$words] ?? 0) + 1;
        }

        if (count($alike) > self::MOST_TOLD) {
            $more = count($alike) - self::MOST_TOLD;
            $alike = array_slice($alike, 0, self::MOST_TOLD, true) + ["and $more more lengths" => 1];
        }

        // What is one thing is not broken over two lines.
        return $alike === []
            ? 'nothing left'
            : implode(
                ', ',
                array_map(
                    fn (string $words, int $count): string => str_replace(' ', "\u{A0}", $count > 1 ? "$count x $words" : $words),
                    array_keys($alike),
                    $alike,
                ),
            );
    }

    /** @return array{width: float, height: float, ghost: float, kind: string, part: float, words: string} */
    private function wound(ShelfStock $stock): array
    {
        $wide = max(5.0, min(self::HEIGHT - 6, $this->item->width / Length::PER_INCH * self::SCALE));
        $words = $stock->shown($stock->amount).(
            $stock->lot === null
                ? ''
                : ", lot $stock->lot"
        ).($stock->kept === '' ? '' : ", $stock->kept");
        if ($stock->kind === StockKind::Loose) {
            return [
                'width' => $wide * 0.7,
                'height' => min(60.0, 3.0 + 3 * $stock->amount),
                'ghost' => $wide * 0.7,
                'kind' => 'loose',
                'part' => 1.0,
                'words' => $words,
            ];
        }
        $new = $this->item->slip()->length('roll')->units;

        return [
            'width' => round($this->across($stock->amount) * self::SCALE, 1), 'height' => round($wide, 1), 'ghost' => round(
                $this->across(max($new, $stock->amount)) * self::SCALE,
                1,
            ),
            'kind' => 'roll', 'part' => (float) ($stock->amount / max($new, $stock->amount)), 'words' => $words,
        ];
    }

    /** How far across a roll is in inches that holds so much: what is wound up fills a ring round the core. */
    private function across(int $units): float
    {
        $slip = $this->item->slip();
        $core = $slip->lengthIfAny('coreAcross')?->toInches() ?? self::CORE;
        $new = $slip->lengthIfAny('newAcross')?->toInches();
        $thick = $new !== null && $new > $core
            ? M_PI * ($new ** 2 - $core ** 2) / 4 / $slip->length('roll')->toInches()
            : self::THICK[$this->item->ware] ?? 0.03;

        return sqrt($core ** 2 + 4 / M_PI * $units / Length::PER_INCH * $thick);
    }

    /** @return list<array{width: float, height: float, ghost: float, kind: string, part: float, words: string}> */
    private function packs(int $count): array
    {
        $pack = $this->item->slip()->count('pack');
        $packs = [];
        for ($left = $count; $left > 0 && count($packs) < self::MOST_PACKS * 4; $left -= $pack) {
            $packs[] = [
                'width' => 16.0,
                'height' => $pack > 1 ? 44.0 : 26.0,
                'ghost' => 16.0,
                'kind' => $pack > 1 ? 'pack' : 'single',
                'part' => min(1.0, $left / $pack),
                'words' => min($left, $pack).($pack > 1 ? " of $pack" : ''),
            ];
        }

        return $packs;
    }
}
