<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Part\LiesUnderOthers;
use Davrin\Core\Part\Part;

/** What the parts behind a part see of it: its name, its places, the room it takes up and the places that it offers. */
final readonly class PartPresence
{
    /**
     * @param  list<Place>  $places
     * @param  list<Board>  $room
     * @param  ?list<Place>  $offers
     * @param  string  $digest  the same for two parts that look the same to others
     */
    private function __construct(
        public string $name,
        public array $places,
        public array $room,
        public ?array $offers,
        public string $digest,
    ) {}

    public static function of(Part $part): self
    {
        $names = $part->materialNames();
        $name = $part->kind->noun()[count($part->demand->elements) === 1 ? 0 : 1].($names === '' ? '' : " of $names");
        $room = $part->kind instanceof LiesUnderOthers ? [] : $part->room();
        [$places, $offers] = [$part->places(), $part->offers()];

        return new self($name, $places, $room, $offers, md5(implode("\0", [
            $name,
            self::digest($places),
            implode('', array_map(fn (Board $board): string => $board->digest(), $room)),
            $offers === null ? 'none' : self::digest($offers),
        ])));
    }

    /** @param  list<Place>  $places */
    private static function digest(array $places): string
    {
        return implode('', array_map(
            fn (Place $place): string => pack('d*', $place->x, $place->y, $place->outward, $place->bend),
            $places,
        ));
    }
}
