<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * A length, or null where none is set: room that is not limited, a mark that nobody made.
 *
 * @extends NamedBlank<?Length>
 */
final readonly class RoomBlank extends NamedBlank
{
    private LengthBlank $length;

    public function __construct(string $key, string $label, Length $least, Length $most, private string $none = 'any room')
    {
        parent::__construct($key, $label, null);
        $this->length = LengthBlank::of($key, $label, $least, $least, $most);
    }

    public function read(mixed $raw, ?Units $bare): ?Length
    {
        return is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', $this->none, 'any', 'none', 'no limit'], true)
            ? null
            : $this->length->read($raw, $bare);
    }

    public function write(mixed $value): string
    {
        return $value === null ? $this->none : LengthText::canonical($value);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === null ? $this->none : $units->exact($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['anyOf' => [['const' => $this->none], Schema::LENGTH]], $this->none);
    }
}
