<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Field;
use Davrin\Core\Blank\InSeveralFields;
use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\Numbers;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;

/**
 * Which ties of a layout a part stands on.
 *
 * @extends NamedBlank<TiePick>
 *
 * @implements InSeveralFields<TiePick>
 */
final readonly class PlaceBlank extends NamedBlank implements InSeveralFields, KeepsWhatFits
{
    private function __construct(string $key, string $label, TiePick $default, private TieGroup $ties)
    {
        parent::__construct($key, $label, $default);
    }

    public static function on(TieGroup $ties): self
    {
        return new self('on', 'the place of the layer', self::everyTie(), $ties);
    }

    public function read(mixed $raw, ?Units $bare): TiePick
    {
        $pick = TiePick::read($this->plain(is_string($raw) ? $raw : '')) ?? throw OutOfBounds::place($this->label);
        $pick->rows($this->ties);

        return $pick;
    }

    public function keep(mixed $raw): TiePick
    {
        return TiePick::read(is_string($raw) ? $raw : '')?->within($this->ties) ?? $this->default;
    }

    public function write(mixed $value): string
    {
        return $value->key();
    }

    public function show(mixed $value, Units $units): string
    {
        return $value->words($this->ties);
    }

    public function options(): array
    {
        return TiePick::choices($this->ties);
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label
                .': "every tie", "row 1", "every 2nd tie", "every 3rd tie of row 2", "crossbar ties", "ties between crossbars", '
                .'"corner ties", "side ties", "middle ties", "ties on wires 1-2", "every 4th of the side ties", "sections 1 to 3", '
                .'"row 1 in sections 1 to 3", "ties 1, 4 and 9"',
            Schema::TEXT,
            TiePick::EVERY_TIE,
        );
    }

    public function fields(mixed $value): array
    {
        $numbers = match ($value->choice()) {
            TiePick::SECTIONS => 'which sections',
            TiePick::TIES => 'which ties',
            default => null,
        };

        return [[
            new Field($this->label, $value->choice(), TiePick::choices($this->ties) + [$value->choice() => $value->words($this->ties)]),
            ...($numbers === null ? [] : [new Field($numbers, $value->numbers())]),
        ]];
    }

    /** A choice that wants no numbers leaves those that still stand beside it; one that has none yet begins with the first. */
    private function plain(string $text): string
    {
        $text = mb_strtolower(trim($text));
        if (TiePick::read($text) !== null) {
            return $text;
        }
        foreach (array_diff(array_keys($this->options()), [TiePick::SECTIONS, TiePick::TIES]) as $choice) {
            if (str_starts_with($text, "$choice ") && Numbers::read(substr($text, strlen($choice)), Ties::MOST) !== null) {
                return $choice;
            }
        }
        $first = $this->ties->ties()[0];

        return match ($text) {
            TiePick::SECTIONS => TiePick::SECTIONS." $first->section",
            TiePick::TIES => TiePick::TIES." $first->number",
            default => $text,
        };
    }

    private static function everyTie(): TiePick
    {
        return TiePick::read(TiePick::EVERY_TIE) ?? throw new \LogicException('Every tie can always be meant.');
    }
}
