<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/**
 * Words that may be left out.
 *
 * @extends NamedBlank<string>
 */
readonly class NoteBlank extends NamedBlank
{
    private const NONE = 'not said';

    private TextBlank $text;

    /** @param  string  $none  what is said where nothing is written */
    public function __construct(string $key, string $label, private int $longest, private string $none = self::NONE)
    {
        parent::__construct($key, $label, '');
        $this->text = new TextBlank($key, $label, '', $longest);
    }

    public function read(mixed $raw, ?Units $bare): string
    {
        $isNone = is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', self::NONE, $this->none], true);

        return $isNone ? '' : $this->text->read($raw, $bare);
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === '' ? $this->none : $value;
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'maxLength' => $this->longest], '');
    }
}
