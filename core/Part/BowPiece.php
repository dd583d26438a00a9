<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use JsonSerializable;

/** One strip of a bow, of one of its ribbons: the loops it makes, the tails it leaves, and what its pinches take. */
final readonly class BowPiece implements JsonSerializable
{
    /**
     * @param  int  $ribbon  which of those that are named, from 0
     * @param  list<Length>  $loops  how far each stands out
     * @param  list<Length>  $tails
     */
    public function __construct(public int $ribbon, public array $loops, public array $tails, private Length $pinches) {}

    /** A loop goes out and comes back, so it takes twice what it stands out. */
    public function length(): Length
    {
        return Length::sum([
            ...array_map(fn (Length $loop): Length => $loop->times(2), $this->loops),
            ...$this->tails,
            $this->pinches,
        ]);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'ribbon' => $this->ribbon,
            'length' => LengthText::canonical($this->length()),
            'loops' => array_map(LengthText::canonical(...), $this->loops),
            'tails' => array_map(LengthText::canonical(...), $this->tails),
        ];
    }
}
