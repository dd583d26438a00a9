<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Measure\Units;

/** @extends NamedBlank<int> */
final readonly class CountBlank extends NamedBlank
{
    /** @param  string  $none  what is said for 0 */
    public function __construct(string $key, string $label, int $default, private int $least, private int $most, private string $none = '0')
    {
        parent::__construct($key, $label, $default);
    }

    public function read(mixed $raw, ?Units $bare): int
    {
        $text = is_int($raw) || is_string($raw) ? trim((string) $raw) : throw OutOfBounds::kind($this->label, 'a whole number');
        if ($this->least === 0 && mb_strtolower($text) === $this->none) {
            return 0;
        }
        if (preg_match('/^-?\d{1,9}$/', $text) !== 1) {
            throw NotReadable::count($text);
        }
        $count = (int) $text;
        if ($count < $this->least || $count > $this->most) {
            throw OutOfBounds::between($this->label, (string) $this->least, (string) $this->most, (string) $count);
        }

        return $count;
    }

    public function write(mixed $value): int
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === 0 ? $this->none : (string) $value;
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most], $this->default);
    }
}
