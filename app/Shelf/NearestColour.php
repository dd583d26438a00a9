<?php

namespace App\Shelf;

use App\Models\ShelfItem;
use Davrin\Core\Colour\ColourDistance;
use Davrin\Core\Words\ColourNames;

/** What on the shelf is nearest to a colour, by the standard difference (CIE 1976, about 2 is just to be seen). */
final readonly class NearestColour
{
    private const MOST = 3;

    private const MOST_LOOKED_AT = 500;

    private function __construct(public ShelfItem $item, public string $colour, public float $difference) {}

    /**
     * Of each kind of material those on the shelf that are nearest to each of some colours.
     *
     * @param  list<string>  $colours
     * @param  array<string, list<string>>  $kinds  kinds of material that are looked at together, by what they are called
     * @return array<string, array<string, list<self>>> by colour and by what they are called, the nearest first
     */
    public static function toEach(array $colours, array $kinds): array
    {
        /** @var list<ShelfItem> $items */
        $items = ShelfItem::query()->whereIn('ware', array_merge(...array_values($kinds)))->whereNull('archived_at')->orderBy('name')
            ->limit(self::MOST_LOOKED_AT)->get()->all();
        $found = [];
        foreach ($colours as $colour) {
            foreach ($kinds as $called => $wares) {
                $its = array_filter($items, fn (ShelfItem $item): bool => in_array($item->ware, $wares, true));
                $found[$colour][$called] = self::nearest($colour, $its);
            }
        }

        return $found;
    }

    /**
     * @param  array<ShelfItem>  $items
     * @return list<self>
     */
    private static function nearest(string $colour, array $items): array
    {
        $found = array_values(array_map(function (ShelfItem $item) use ($colour): self {
            $its = $item->slip()->text('colour');

            return new self($item, $its, ColourDistance::between($colour, $its));
        }, $items));
        usort($found, fn (self $a, self $b): int => $a->difference <=> $b->difference);

        return array_slice($found, 0, self::MOST);
    }

    /** What people would call a colour: the name of the nearest that has one. */
    public static function named(string $colour): string
    {
        $names = array_map(fn (string $its): float => ColourDistance::between($colour, $its), ColourNames::OFFERED);
        asort($names);

        return (string) array_key_first($names);
    }

    /** How near it is, in words. */
    public function words(): string
    {
        return match (true) {
            $this->difference < 6 => 'as good as the same',
            $this->difference < 14 => 'close',
            $this->difference < 28 => 'near',
            default => 'far off',
        };
    }
}
