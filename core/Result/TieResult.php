<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Geometry\Place;
use Davrin\Core\Ties\Tie;
use JsonSerializable;

/** A tie, where it is in words, and what hangs on it. */
final readonly class TieResult implements JsonSerializable
{
    /** @param  list<string>  $carries in words, in build order */
    public function __construct(public Tie $tie, public string $where, public array $carries) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'number' => $this->tie->number,
            'row' => $this->tie->row,
            'section' => $this->tie->section,
            'on' => $this->tie->seat->key(),
            'where' => $this->where,
            'front' => self::point($this->tie->place),
            'back' => self::point($this->tie->place->fromBehind()),
            'carries' => $this->carries,
        ];
    }

    /** @return array{x: float, y: float} */
    private static function point(Place $place): array
    {
        // A ten-thousandth of an inch is finer than any drawing; adding zero turns -0.0 into 0.0.
        return ['x' => round($place->x, 4) + 0.0, 'y' => round($place->y, 4) + 0.0];
    }
}
