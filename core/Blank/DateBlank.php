<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use DateTimeImmutable;
use Davrin\Core\Measure\Units;

/**
 * A day, kept as "2026-11-29".
 *
 * @extends NamedBlank<string>
 */
final readonly class DateBlank extends NamedBlank
{
    /** As makers write it; where day and month are both numbers and nobody can tell which is which, it is not taken. */
    private const WRITTEN = ['Y-m-d', 'M j, Y', 'M j Y', 'F j, Y', 'F j Y', 'j M Y', 'j F Y', 'j. F Y', 'j. M Y'];

    private const FIRST = '1980-01-01';

    private const LAST = '2099-12-31';

    public function read(mixed $raw, ?Units $bare): string
    {
        $text = trim((string) preg_replace('/\s+/', ' ', is_string($raw) ? $raw : ''));
        foreach (mb_strlen($text) > 24 ? [] : self::WRITTEN as $format) {
            $day = DateTimeImmutable::createFromFormat("!$format", $text);
            $errors = DateTimeImmutable::getLastErrors();
            if ($day !== false && ($errors === false || $errors['warning_count'] + $errors['error_count'] === 0)) {
                $written = $day->format('Y-m-d');

                return strlen($written) === 10 && $written >= self::FIRST && $written <= self::LAST
                    ? $written
                    : throw OutOfBounds::between($this->label, 'the year 1980', '2099', $text);
            }
        }

        throw OutOfBounds::day($text);
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return (new DateTimeImmutable($value))->format('M j, Y');
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^\\d{4}-\\d{2}-\\d{2}$'], $this->default);
    }
}
