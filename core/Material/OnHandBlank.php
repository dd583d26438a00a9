<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Supply\Lot;

/**
 * What is there already, with commas between: "131 in, 6 x 20 in, 2 x 10 yd by label lot B7". What bears no "by label" was
 * measured; "(shelf 17)" says which thing on the shelf it is.
 *
 * @extends NamedBlank<list<OnHand>>
 */
final readonly class OnHandBlank extends NamedBlank
{
    private const NONE = 'nothing';

    private const MOST = 60;

    private const MOST_ALIKE = 500;

    private Length $least;

    private Length $longest;

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, []);
        [$this->least, $this->longest] = [Length::inches(1), Length::yards(200)];
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        if (is_string($raw) && in_array(mb_strtolower(trim($raw, " \n\t,;.")), ['', self::NONE, 'nothing on hand', 'none', '0'], true)) {
            return [];
        }
        $parts = match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) => preg_split('/\s*(?:;|,(?!\d))\s*/u', trim($raw, " \n\t,;")) ?: [],
            default => throw OutOfBounds::kind($this->label, 'a list of lengths'),
        };
        if (count($parts) > self::MOST) {
            throw OutOfBounds::listOf($this->label, 0, self::MOST, count($parts));
        }

        return array_map(fn (mixed $part): OnHand => is_string($part)
            ? $this->one($part, is_array($raw) ? null : $bare ?? Units::Inches)
            : throw OutOfBounds::kind($this->label, 'a list of lengths written with their unit'), $parts);
    }

    public function write(mixed $value): array
    {
        return array_map(fn (OnHand $its): string => self::words($its, LengthText::canonical($its->length)), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === []
            ? self::NONE
            : implode(', ', array_map(fn (OnHand $its): string => self::words($its, $units->exact($its->length)), $value));
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => self::MOST], []);
    }

    private static function words(OnHand $its, string $length): string
    {
        return ($its->count > 1 ? "$its->count x " : '')
            .$length
            .($its->byLabel ? ' by label' : '')
            .($its->lot === null ? '' : " lot $its->lot")
            .($its->item === null ? '' : " (shelf $its->item)");
    }

    private function one(string $part, ?Units $bare): OnHand
    {
        $said = '/^\s*(?:(?<count>\d{1,3})\s*[x×]\s+)?(?<length>.*?\S)(?<label>\s+by\s+label)?(?:\s+lot\s+(?<lot>'.Lot::WRITTEN
            .'))?(?:\s+\(?shelf\s+(?<item>\d{1,9})\)?)?\s*$/iu';
        if (preg_match($said, $part, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw OutOfBounds::onHand($part);
        }
        $count = (int) ($found['count'] ?? 1);
        if ($count < 1 || $count > self::MOST_ALIKE) {
            throw OutOfBounds::between('the number of rolls or pieces alike', '1', (string) self::MOST_ALIKE, (string) $count);
        }
        $length = LengthText::read((string) $found['length'], $bare);
        if ($length->isLessThan($this->least) || $length->isMoreThan($this->longest)) {
            $units = $bare ?? Units::Inches;
            throw OutOfBounds::between($this->label, $units->exact($this->least), $units->roll($this->longest), $units->exact($length));
        }

        return new OnHand($count, $length, $found['label'] !== null, $found['lot'], $found['item'] === null ? null : (int) $found['item']);
    }
}
