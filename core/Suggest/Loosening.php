<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Measure\Units;

/** Where nothing fits: which wish to loosen, and by how much at the least. */
final readonly class Loosening
{
    /** @param  array<string, NearMiss>  $least  by wish, the nearest of those that miss it alone */
    private function __construct(public array $least) {}

    /** @param  list<NearMiss>  $misses */
    public static function of(array $misses): self
    {
        $least = [];
        foreach ($misses as $miss) {
            $least[$miss->wish] = ! isset($least[$miss->wish]) || $miss->by < $least[$miss->wish]->by ? $miss : $least[$miss->wish];
        }

        return new self($least);
    }

    /** @return list<string> "Buy 1 roll more." */
    public function sentences(Wishes $wishes, Units $units): array
    {
        $limits = new Limits($wishes);

        return array_values(array_map(
            fn (NearMiss $miss): string => ucfirst($limits->loosened($miss->wish, $miss->by, $units)).'.',
            $this->least,
        ));
    }
}
