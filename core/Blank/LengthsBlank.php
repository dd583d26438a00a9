<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * Several lengths in order, typed with commas between them: "14, 12, 10, 8 in".
 *
 * @extends NamedBlank<list<Length>>
 */
final readonly class LengthsBlank extends NamedBlank
{
    private const NONE = 'none';

    /**
     * @param  list<Length>  $default
     * @param  ?Length  $shortest  of each; null for any
     */
    public function __construct(
        string $key,
        string $label,
        array $default,
        private int $fewest,
        private int $most,
        private ?Length $shortest = null,
        private ?Length $longest = null,
    ) {
        parent::__construct($key, $label, $default);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        if ($this->fewest === 0 && is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', self::NONE], true)) {
            return [];
        }
        $parts = match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) => self::split($raw),
            default => throw OutOfBounds::kind($this->label, 'a list of lengths'),
        };
        if (count($parts) < $this->fewest || count($parts) > $this->most) {
            throw OutOfBounds::listOf($this->label, $this->fewest, $this->most, count($parts));
        }

        $lengths = array_map(fn (mixed $part): Length => is_string($part)
            ? LengthText::read($part, is_array($raw) ? null : $bare ?? Units::Inches)
            : throw OutOfBounds::kind($this->label, 'a list of lengths written with their unit'), $parts);
        array_map(fn (Length $length) => $this->mustBeWithin($length, $bare ?? Units::Inches), $lengths);

        return $lengths;
    }

    private function mustBeWithin(Length $length, Units $units): void
    {
        if (
            ($this->shortest !== null && $length->isLessThan($this->shortest))
            || ($this->longest !== null && $length->isMoreThan($this->longest))
        ) {
            throw OutOfBounds::between(
                $this->label,
                $units->exact($this->shortest ?? Length::zero()),
                $units->exact($this->longest ?? Length::yards(1000)),
                $units->exact($length),
            );
        }
    }

    /** @return list<string> the parts between commas; a unit behind the last one holds for all that have none */
    private static function split(string $typed): array
    {
        $parts = preg_split('/\s*[,;]\s*/', trim($typed, " \n\t,;")) ?: [];
        $unit = preg_match('/[^\d\s]+$/', (string) end($parts), $found) === 1 ? $found[0] : '';

        return array_map(fn (string $part): string => preg_match('/\d$/', $part) === 1 ? "$part $unit" : $part, $parts);
    }

    public function write(mixed $value): array
    {
        return array_map(LengthText::canonical(...), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        if ($value === []) {
            return self::NONE;
        }
        $shown = array_map($units->exact(...), $value);
        $ends = array_unique(array_map(fn (string $text): string => substr($text, -3), $shown));
        if (count($ends) > 1) {
            return implode(', ', $shown);
        }

        // One unit for all is written once, behind the last.
        return implode(', ', array_map(fn (string $text): string => substr($text, 0, -3), $shown)).$ends[0];
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            ['type' => 'array', 'items' => Schema::LENGTH, 'minItems' => $this->fewest, 'maxItems' => $this->most],
            $this->write($this->default),
        );
    }
}
