<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * Welds that are not as they should be: "3: 1/2 in, 5: -1/4 in, 6: out" says that crossbar 3 sits 1/2 in too far
 * clockwise, 5 as much as 1/4 in too early, and that the weld of 6 sticks out.
 *
 * @extends NamedBlank<list<Weld>>
 */
final readonly class WeldsBlank extends NamedBlank
{
    private const NONE = 'in place';

    private const MOST = 24;

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, []);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $text = is_string($raw) ? mb_strtolower(trim($raw, " \n\t,;.")) : null;
        if (in_array($text, ['', self::NONE, 'all '.self::NONE, 'none'], true)) {
            return [];
        }
        $parts = is_array($raw) ? array_values($raw) : (preg_split('/\s*[,;]\s*(?=\d+\s*:)/', (string) $text) ?: []);
        if (count($parts) > self::MOST) {
            throw OutOfBounds::listOf($this->label, 0, self::MOST, count($parts));
        }

        return array_map(fn (mixed $part): Weld => $this->weld(is_string($part) ? $part : '', is_array($raw) ? null : $bare), $parts);
    }

    public function write(mixed $value): array
    {
        return array_map(
            fn (Weld $weld): string => sprintf('%d: %s', $weld->crossbar, $weld->sticksOut ? 'out' : LengthText::canonical($weld->further)),
            $value,
        );
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === []
            ? self::NONE
            : implode(
                ', ',
                array_map(
                    fn (Weld $weld): string => sprintf('%d: %s', $weld->crossbar, $weld->sticksOut ? 'out' : $units->exact($weld->further)),
                    $value,
                ),
            );
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => self::MOST], []);
    }

    private function weld(string $part, ?Units $bare): Weld
    {
        if (preg_match('/^\s*(?<number>\d{1,2})\s*:\s*(?:(?<out>out)|(?<further>.+))$/u', $part, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw OutOfBounds::welds($part);
        }

        return $found['out'] !== null
            ? new Weld((int) $found['number'], Length::zero(), true)
            : new Weld((int) $found['number'], LengthText::read((string) $found['further'], $bare), false);
    }
}
