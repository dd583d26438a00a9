<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Field;
use Davrin\Core\Blank\InSeveralFields;
use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;

/**
 * Which meshes of the plan go into one element: "Teal mesh", or "2 Teal mesh + 2 Gold mesh". A mesh may be named by its id
 * or by what it is called; a mesh alone stands for as many of it as the kind of part usually takes.
 *
 * @extends NamedBlank<Mix>
 *
 * @implements InSeveralFields<Mix>
 */
final readonly class MixBlank extends NamedBlank implements InSeveralFields, KeepsWhatFits
{
    /** @param  non-empty-array<string, string>  $names  of the plan's meshes, by id */
    public function __construct(string $key, string $label, private array $names, public MaterialUse $use)
    {
        parent::__construct($key, $label, Mix::of([[array_key_first($names), $use->usual]]));
    }

    public function read(mixed $raw, ?Units $bare): Mix
    {
        $parts = $this->parts($raw);
        $count = array_sum(array_column($parts, 1));
        if ($parts === [] || $count < $this->use->least || $count > $this->use->most) {
            throw OutOfBounds::mix($this->label, $this->use->least, $this->use->most, $this->use->what, $count);
        }

        return Mix::of($parts);
    }

    /** What another kind of part took, as far as this one takes it: the first of its meshes at least. */
    public function keep(mixed $raw): Mix
    {
        $parts = $this->parts($raw);
        if ($this->use->various && count($parts) === 1) {
            // One mesh alone takes the next of the plan beside it.
            $others = array_values(array_diff(array_keys($this->names), [$parts[0][0]]));

            return Mix::of([[$parts[0][0], 1], [$others[0] ?? $parts[0][0], 1]]);
        }
        if ($this->use->shared && count($parts) > 1 && array_sum(array_column($parts, 1)) === count($parts)) {
            // Meshes that were named one by one now say how many: as many of each, the first of what is over.
            return Mix::of(
                array_map(
                    fn (int $index): array => [$parts[$index][0], intdiv($this->use->usual + count($parts) - 1 - $index, count($parts))],
                    array_keys($parts),
                ),
            );
        }
        try {
            return $this->read($raw, null);
        } catch (Refused) {
            return $parts === [] ? $this->default : Mix::of([[$parts[0][0], $this->use->usual]]);
        }
    }

    /** @return string|list<string> */
    public function write(mixed $value): string|array
    {
        return match (true) {
            $this->use->counted => array_map(fn (array $part): string => "$part[0]: $part[1]", $value->parts),
            $value->count() === $this->use->usual && count($value->parts) === 1 => $value->parts[0][0],
            default => $value->pieces(),
        };
    }

    public function show(mixed $value, Units $units): string
    {
        return implode(' + ', $this->use->counted
            ? array_map(fn (array $part): string => sprintf('%d %s', $part[1], $this->names[$part[0]]), $value->parts)
            : (
                $this->use->usual === $value->count() && count($value->parts) === 1
                    ? [$this->names[$value->parts[0][0]]]
                    : array_map(fn (string $mesh): string => $this->names[$mesh], $value->pieces())
            ));
    }

    public function options(): array
    {
        return $this->names;
    }

    public function fields(mixed $value): array
    {
        $entries = [];
        $parts = $this->use->counted ? $value->parts : array_map(fn (string $mesh): array => [$mesh, 1], $value->pieces());
        foreach ($parts as [$mesh, $count]) {
            $entries[] = [
                ...($this->use->counted ? [new Field('how many', (string) $count)] : []),
                new Field($this->label, $mesh, ($this->use->isOne() || $entries === [] ? [] : ['' => 'nothing']) + $this->names),
            ];
        }
        if ($value->count() < $this->use->most && ! $this->use->isOne()) {
            [$noun, $more] = $this->use->wound === null ? ['mesh', 'colour'] : [$this->use->noun, $this->use->noun];
            $entries[] = [new Field("another $noun", '', ['' => "+ add a $more"] + $this->names)];
        }

        return $entries;
    }

    public function schema(): array
    {
        return Schema::described($this->label.': the id of a mesh, or a list of ids'.(
            $this->use->counted
                ? ' with how many of each, "m1: 2"'
                : ''
        ), $this->use->isOne()
            ? Schema::textLike('m1')
            : ['anyOf' => [
                Schema::textLike('m1'),
                [
                    'type' => 'array',
                    'items' => Schema::textLike($this->use->counted ? 'm1: 2' : 'm1'),
                    'minItems' => 1,
                    'maxItems' => $this->use->most,
                ],
            ]], null);
    }

    /**
     * @return list<array{string, int}>
     *
     * @throws Refused for a mesh that the plan has not
     */
    private function parts(mixed $raw): array
    {
        if (is_string($raw)) {
            $known = $this->id($raw);
            $raw = $known !== null ? [$known] : (preg_split('/\s*(?:\+|,|;|\band\b)\s*/', trim($raw)) ?: []);
        }
        $parts = [];
        $bare = is_array($raw) ? count($raw) === 1 : false;
        foreach (is_array($raw) ? $raw : throw OutOfBounds::kind($this->label, 'the name of a mesh') as $entry) {
            if (is_string($entry) && preg_match('/^\s*\d*\s*$/', $entry) === 1) {
                continue;
            }
            $parts[] = $this->part(is_string($entry) ? trim($entry) : '', $bare ? $this->use->usual : 1);
        }

        return $parts;
    }

    /** @return array{string, int} */
    private function part(string $entry, int $usual): array
    {
        [$count, $name] = match (1) {
            (int) ($this->id($entry) !== null) => [(string) $usual, $entry],
            preg_match('/^(.+?)\s*:\s*(\S+)$/u', $entry, $found) => [$found[2], $found[1]],
            preg_match('/^(\S+)\s*(?:x|of)?\s+(.+)$/u', $entry, $found) => [$found[1], $found[2]],
            default => [(string) $usual, $entry],
        };

        return [
            $this->id($name) ?? throw OutOfBounds::choice(
                $this->label,
                array_map(fn (string $id): string => "$id ({$this->names[$id]})", array_keys($this->names)),
                $entry,
            ),
            (new CountBlank('', 'the number of '.$this->use->what, 1, 0, max(20, $this->use->most)))->read($count, null),
        ];
    }

    private function id(string $name): ?string
    {
        $name = mb_strtolower(trim($name));
        foreach ($this->names as $id => $called) {
            if ($name === $id || $name === mb_strtolower($called)) {
                return $id;
            }
        }

        return null;
    }
}
