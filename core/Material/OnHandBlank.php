<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\ReadsBeside;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Supply\Lot;
use Davrin\Core\Words\Words;

/**
 * What is there already, with commas between: "131 in, 6 x 20 in, 2 x 10 yd lot B7, 350 in by label". A roll as it is bought is by
 * its label and what was opened is measured, unless it says "measured" or "by label". In a file "(shelf 17)" says which thing on the
 * shelf it is; where it is typed, what it was is known by its length.
 *
 * @extends NamedBlank<list<OnHand>>
 *
 * @implements ReadsBeside<list<OnHand>>
 */
final readonly class OnHandBlank extends NamedBlank implements ReadsBeside
{
    private const NONE = 'nothing';

    private const MOST = 60;

    private const MOST_ALIKE = 500;

    /** So many opened lengths are told one by one where a list is folded. */
    private const MOST_TOLD = 3;

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
        return array_map(fn (OnHand $its): string => self::words($its, LengthText::canonical($its->length), true), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === []
            ? self::NONE
            : implode(', ', array_map(fn (OnHand $its): string => self::words(
                $its,
                self::shownInItsUnit($its, $units) ?? $units->exact($its->length),
                false,
            ), $value));
    }

    /**
     * What was on the shelf is still that where its length is written again, with its lot and all or without.
     *
     * @return list<OnHand>
     */
    public function readBeside(mixed $raw, ?Units $bare, mixed $before): array
    {
        $read = $this->read($raw, $bare);
        $open = array_values(array_filter($before, fn (OnHand $there): bool => $there->item !== null));
        $isTheSame = [
            fn (OnHand $now, OnHand $then): bool => $now->ofItem(null) == $then->ofItem(null),
            fn (OnHand $now, OnHand $then): bool => $now->length->equals($then->length) && $now->count === $then->count,
        ];
        foreach (is_string($raw) ? $isTheSame : [] as $is) {
            foreach ($read as $index => $now) {
                foreach ($now->item === null ? $open : [] as $place => $then) {
                    if ($is($now, $then)) {
                        $read[$index] = $now->ofItem($then->item);
                        unset($open[$place]);
                        break;
                    }
                }
            }
        }

        return $read;
    }

    /**
     * A long list in few words: "lot T1: 96 in and 4 full rolls".
     *
     * @param  list<OnHand>  $value
     */
    public static function folded(array $value, Length $roll, Units $units): string
    {
        $lots = [];
        foreach ($value as $its) {
            $lots[$its->lot ?? ''][] = $its;
        }
        $said = [];
        foreach ($lots as $lot => $there) {
            $full = array_filter($there, fn (OnHand $its): bool => $its->length->equals($roll));
            $opened = array_values(array_filter($there, fn (OnHand $its): bool => ! $its->length->equals($roll)));
            $words = [
                ...self::foldedOpened($opened, $units),
                ...($full === [] ? [] : [Words::count(array_sum(array_column($full, 'count')), 'full roll')]),
            ];
            $said[] = ($lot === '' ? '' : "lot $lot: ").Words::list($words);
        }

        return implode('; ', $said);
    }

    /**
     * @param  list<OnHand>  $opened
     * @return list<string>
     */
    private static function foldedOpened(array $opened, Units $units): array
    {
        if (count($opened) <= self::MOST_TOLD) {
            return array_map(fn (OnHand $its): string => ($its->count > 1 ? "$its->count x " : '').$units->exact($its->length), $opened);
        }
        usort($opened, fn (OnHand $a, OnHand $b): int => $a->length->units <=> $b->length->units);

        return [sprintf(
            '%d pieces and opened rolls from %s to %s',
            array_sum(array_column($opened, 'count')),
            $units->exact($opened[0]->length),
            $units->exact($opened[count($opened) - 1]->length),
        )];
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'array', 'items' => Schema::textLike('131 in'), 'maxItems' => self::MOST], []);
    }

    /** Yards and feet where lengths are in inches; metres stay metres. */
    private static function shownInItsUnit(OnHand $its, Units $units): ?string
    {
        return $its->unit === null || ($its->unit !== 'm' && $units === Units::Metric)
            ? null
            : LengthText::inRollUnit($its->length, $its->unit);
    }

    /** @param  bool  $inFile  in a file it says which thing on the shelf it is */
    private static function words(OnHand $its, string $length, bool $inFile): string
    {
        return ($its->count > 1 ? "$its->count x " : '')
            .($inFile && $its->unit !== null ? LengthText::inRollUnit($its->length, $its->unit) : $length)
            .match ($its->byLabel) {
                true => ' by label',
                false => ' measured',
                null => '',
            }
            .($its->lot === null ? '' : " lot $its->lot")
            .($its->item === null || ! $inFile ? '' : " (shelf $its->item)");
    }

    private function one(string $part, ?Units $bare): OnHand
    {
        $said = '/^\s*(?:(?<count>\d{1,3})\s*[x×]\s+)?(?<length>.*?\S)(?<label>\s+by\s+label|\s+measured)?(?:\s+lot\s+(?<lot>'.Lot::WRITTEN
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

        return new OnHand(
            $count,
            $length,
            $found['label'] === null ? null : str_contains(mb_strtolower($found['label']), 'label'),
            $found['lot'],
            $found['item'] === null ? null : (int) $found['item'],
            LengthText::rollUnit((string) $found['length'], $length),
        );
    }
}
