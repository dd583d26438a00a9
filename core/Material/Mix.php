<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

/** Which meshes go into one element, in order, and how many pieces or strands of each. */
final readonly class Mix
{
    /** @param  non-empty-list<array{string, int}>  $parts  the id of a mesh, and how many of it */
    private function __construct(public array $parts) {}

    /** @param  non-empty-list<array{string, int}>  $parts  neighbours of the same mesh are drawn together */
    public static function of(array $parts): self
    {
        $joined = [];
        foreach ($parts as [$mesh, $count]) {
            $last = array_key_last($joined);
            $last !== null && $joined[$last][0] === $mesh ? $joined[$last][1] += $count : $joined[] = [$mesh, $count];
        }

        return new self($joined);
    }

    /** @return non-empty-list<string> the mesh of each piece, from the first to the last */
    public function pieces(): array
    {
        return array_merge(...array_map(fn (array $part): array => array_fill(0, max(1, $part[1]), $part[0]), $this->parts));
    }

    public function count(): int
    {
        return array_sum(array_column($this->parts, 1));
    }
}
