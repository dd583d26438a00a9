<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\ByTieBlank;
use Davrin\Core\Ties\TieGroup;

/**
 * Ties whose mesh is chosen by hand: "3, 5 and 7: gold", by the id or the name of the mesh.
 *
 * @extends ByTieBlank<string>
 */
final readonly class PaintBlank extends ByTieBlank
{
    public const KEY = 'painted';

    /** @param  non-empty-array<string, string>  $names  of the plan's meshes, by id */
    public function __construct(TieGroup $ties, private array $names)
    {
        parent::__construct($ties, self::KEY, 'what is painted by hand');
    }

    /**
     * As it is typed: "3: gold; 5: gold".
     *
     * @param  array<int, string>  $painted  meshes by the number of the tie
     */
    public static function typed(array $painted): string
    {
        return $painted === []
            ? self::NONE
            : implode('; ', array_map(fn (int $tie, string $mesh): string => "$tie: $mesh", array_keys($painted), $painted));
    }

    /** @return list<string> */
    public function write(mixed $value): array
    {
        return self::grouped($value, fn (string $mesh): string => $mesh);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode('; ', self::grouped($value, fn (string $mesh): string => $this->names[$mesh]));
    }

    protected function said(string $words, string $entry, ?Units $bare): string
    {
        $name = mb_strtolower($words);
        $mesh = array_key_first(
            array_filter(
                $this->names,
                fn (string $called, string $id): bool => $name === $id || $name === mb_strtolower($called),
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        return $mesh ?? throw $this->refusal("\"$entry\" names no mesh of this plan.");
    }

    protected function refusal(string $why): OutOfBounds
    {
        return OutOfBounds::painted($why);
    }

    protected function example(): string
    {
        return '"3, 5 and 7: gold", the numbers of ties and the id of a mesh';
    }
}
