<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\ReadsBeside;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;

/**
 * How many pieces are there already, with commas between: "48, 17"; in a file "(shelf 12)" says which thing on the shelf they are.
 *
 * @extends NamedBlank<list<PiecesOnHand>>
 *
 * @implements ReadsBeside<list<PiecesOnHand>>
 */
final readonly class PiecesOnHandBlank extends NamedBlank implements ReadsBeside
{
    private const NONE = 'none';

    private const MOST = 60;

    private CountBlank $count;

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, []);
        $this->count = new CountBlank($key, 'the number of pieces on hand', 1, 1, 100_000);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        if (is_string($raw) && in_array(mb_strtolower(trim($raw, " \n\t,;.")), ['', self::NONE, 'nothing', '0'], true)) {
            return [];
        }
        $parts = match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw), is_int($raw) => preg_split('/\s*[,;]\s*/', trim((string) $raw, " \n\t,;")) ?: [],
            default => throw OutOfBounds::kind($this->label, 'a list of numbers of pieces'),
        };
        if (count($parts) > self::MOST) {
            throw OutOfBounds::countsOf($this->label, 0, self::MOST, count($parts));
        }

        return array_map(fn (mixed $part): PiecesOnHand => $this->one(is_string($part) || is_int($part) ? (string) $part : ''), $parts);
    }

    /**
     * What was on the shelf is still that, where its number is written again or another in its place.
     *
     * @return list<PiecesOnHand>
     */
    public function readBeside(mixed $raw, ?Units $bare, mixed $before): array
    {
        $read = $this->read($raw, $bare);

        return is_string($raw) && count($read) === count($before)
            ? array_map(
                fn (PiecesOnHand $now, PiecesOnHand $then): PiecesOnHand => new PiecesOnHand($now->count, $now->item ?? $then->item),
                $read,
                $before,
            )
            : $read;
    }

    public function write(mixed $value): array
    {
        return array_map(fn (PiecesOnHand $there): string => $there->words(), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode(', ', array_column($value, 'count'));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label.': numbers of pieces, "48" or "48 (shelf 12)"',
            ['type' => 'array', 'items' => Schema::textLike('48'), 'maxItems' => self::MOST],
            [],
        );
    }

    private function one(string $part): PiecesOnHand
    {
        if (preg_match('/^\s*(?<count>\S+)(?:\s+\(?shelf\s+(?<item>\d{1,9})\)?)?\s*$/iu', $part, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw OutOfBounds::kind($this->label, 'numbers of pieces, like "48, 17"');
        }

        return new PiecesOnHand($this->count->read($found['count'], null), $found['item'] === null ? null : (int) $found['item']);
    }
}
