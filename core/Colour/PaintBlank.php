<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\Numbers;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/**
 * Ties whose mesh is chosen by hand: "3, 5 and 7: gold", by the numbers of the ties and the id or the name of the mesh.
 *
 * @extends NamedBlank<array<int, string>>
 */
final readonly class PaintBlank extends NamedBlank implements KeepsWhatFits
{
    public const KEY = 'painted';

    public const NONE = 'nothing';

    /** @param  non-empty-array<string, string>  $names  of the plan's meshes, by id */
    public function __construct(private TieGroup $ties, private array $names)
    {
        parent::__construct(self::KEY, 'what is painted by hand', []);
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

    public function read(mixed $raw, ?Units $bare): array
    {
        $painted = [];
        foreach ($this->entries($raw) as $entry) {
            [$ties, $mesh] = $this->entry($entry);
            foreach ($ties as $tie) {
                $painted[$tie] = $this->ties->has($tie) ? $mesh : throw OutOfBounds::painted("Tie $tie is not among those of this layer.");
            }
        }
        ksort($painted);

        return $painted;
    }

    /** @return array<int, string> */
    public function keep(mixed $raw): array
    {
        $kept = [];
        foreach (is_array($raw) ? $raw : [] as $entry) {
            try {
                [$ties, $mesh] = $this->entry(is_string($entry) ? $entry : '');
                $kept += array_fill_keys(array_filter($ties, $this->ties->has(...)), $mesh);
            } catch (Refused) {
                // The mesh is gone, and so is what was painted with it.
            }
        }
        ksort($kept);

        return $kept;
    }

    /** @return list<string> */
    public function write(mixed $value): array
    {
        return $this->grouped($value, array_combine(array_keys($this->names), array_keys($this->names)));
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode('; ', $this->grouped($value, $this->names));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label.': "3, 5 and 7: gold", the numbers of ties and the id of a mesh',
            ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => Ties::MOST],
            [],
        );
    }

    /** @return list<string> */
    private function entries(mixed $raw): array
    {
        if (is_string($raw)) {
            return in_array(mb_strtolower(trim($raw)), ['', self::NONE], true)
                ? []
                : array_values(array_filter(array_map(trim(...), explode(';', $raw)), fn (string $entry): bool => $entry !== ''));
        }

        return array_map(
            fn (mixed $entry): string => is_string($entry) ? $entry : '',
            is_array($raw) ? array_values($raw) : throw OutOfBounds::painted('It is not a list.'),
        );
    }

    /** @return array{non-empty-list<int>, string} */
    private function entry(string $entry): array
    {
        [$numbers, $name] = [...explode(':', $entry, 2), ''];
        $name = mb_strtolower(trim($name));
        $mesh = array_key_first(
            array_filter(
                $this->names,
                fn (string $called, string $id): bool => $name === $id || $name === mb_strtolower($called),
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        return [
            Numbers::read($numbers, Ties::MOST) ?? throw OutOfBounds::painted("\"$entry\" names no ties."),
            $mesh ?? throw OutOfBounds::painted("\"$entry\" names no mesh of this plan."),
        ];
    }

    /**
     * @param  array<int, string>  $painted
     * @param  array<string, string>  $called
     * @return list<string>
     */
    private function grouped(array $painted, array $called): array
    {
        $grouped = [];
        foreach ($painted as $tie => $mesh) {
            $grouped[$mesh][] = $tie;
        }

        return array_map(
            fn (array $ties, string $mesh): string => Words::ranges($ties).': '.$called[$mesh],
            $grouped,
            array_keys($grouped),
        );
    }
}
