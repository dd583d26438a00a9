<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * How much room there is: a length, or null for as much as it takes.
 *
 * @extends NamedBlank<?Length>
 */
final readonly class RoomBlank extends NamedBlank
{
    private const ANY = 'any room';

    private LengthBlank $length;

    public function __construct(string $key, string $label, Length $least, Length $most)
    {
        parent::__construct($key, $label, null);
        $this->length = LengthBlank::of($key, $label, $least, $least, $most);
    }

    public function read(mixed $raw, ?Units $bare): ?Length
    {
        return is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', self::ANY, 'any', 'no limit'], true) ? null : $this->length->read($raw, $bare);
    }

    public function write(mixed $value): string
    {
        return $value === null ? self::ANY : LengthText::canonical($value);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === null ? self::ANY : $units->exact($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['anyOf' => [['const' => self::ANY], Schema::LENGTH]], self::ANY);
    }
}
