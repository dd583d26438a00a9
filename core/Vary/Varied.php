<?php

declare(strict_types=1);

namespace Davrin\Core\Vary;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\Mix;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** One figure of a plan that can be varied: a length, or a number of pieces. It may be written in several blanks that say the same. */
final readonly class Varied
{
    private const MATERIAL = 'material';

    /** Figures that say where something is or which of several, not how much of it. */
    private const PLACES = ['begin', 'turned', 'first', 'many'];

    /**
     * @param  string  $key  names it: the address of its blank, or of the first of them with a sign that all are meant
     * @param  string  $label  "the length of a piece"
     * @param  string  $whose  "of the ruffles of Sage mesh", for where that is not the only one
     * @param  non-empty-list<string>  $addresses  of the blanks that it is written in
     * @param  int  $now  what they say: units of length, or a count
     * @param  ?Mix  $mix  of whose pieces it is the number
     */
    private function __construct(
        public string $key,
        public string $label,
        private string $whose,
        public array $addresses,
        public int $now,
        public bool $isLength,
        private ?Mix $mix = null,
    ) {}

    /** @return array<string, self> all that a plan has, by key */
    public static function of(Plan $plan): array
    {
        $found = [];
        foreach ($plan->parts as $part) {
            $whose = 'of the '.$part->kind->noun()[1].($part->on->wound() === [] ? '' : " of {$part->materialNames()}");
            $found = [...$found, ...self::pieces($part, $whose), ...self::inSlip("parts.$part->id", $part->on->slip, $whose)];
        }
        foreach ($plan->ties->groups as $number => $group) {
            $whose = count($plan->ties->groups) === 1 ? '' : 'in layout '.($number + 1);
            $found = [...$found, ...self::inSlip("ties.$group->id", $group->slip, $whose)];
        }

        return array_column(self::told([...self::together($found), ...$found]), null, 'key');
    }

    /** @throws Fault where the plan has no such figure */
    public static function named(Plan $plan, string $key): self
    {
        return self::of($plan)[$key] ?? throw Fault::at('', sprintf(
            '"%s" is no figure of this plan that can be varied. Choose one of those that are offered.',
            mb_substr($key, 0, 60),
        ));
    }

    /**
     * @return array<string, string> what to write in which blanks
     *
     * @throws Fault where it cannot be so
     */
    public function written(int $value): array
    {
        $written = match (true) {
            $this->isLength => LengthText::canonical(Length::ofUnits($value)),
            $this->mix !== null => self::mixed($this->mix, $value),
            default => (string) $value,
        };

        return array_fill_keys($this->addresses, $written);
    }

    /** @return list<self> */
    private static function inSlip(string $address, Slip $slip, string $whose): array
    {
        $found = [];
        foreach (array_diff_key($slip->blanks, array_flip(self::PLACES)) as $key => $blank) {
            $label = rtrim($blank->label(), ',');
            if ($blank instanceof LengthBlank) {
                $found[] = new self("$address.$key", $label, $whose, ["$address.$key"], $slip->length($key)->units, true);
            } elseif ($blank instanceof CountBlank) {
                $found[] = new self("$address.$key", $label, $whose, ["$address.$key"], $slip->count($key), false);
            }
        }

        return $found;
    }

    /** @return list<self> how many pieces go into one element, where that is told as a number */
    private static function pieces(Part $part, string $whose): array
    {
        $use = $part->kind->materials();
        $mix = $part->on->mix;

        return ! $use->counted || $mix === null || $part->on->wound() === [] ? [] : [new self(
            "parts.$part->id.".self::MATERIAL,
            "how many $use->what go into one",
            $whose,
            ["parts.$part->id.".self::MATERIAL],
            $mix->count(),
            false,
            $mix,
        )];
    }

    /**
     * Lengths that several parts have alike are varied for all of them at once, too.
     *
     * @param  list<self>  $found
     * @return list<self>
     */
    private static function together(array $found): array
    {
        $alike = [];
        foreach ($found as $its) {
            if ($its->isLength && str_starts_with($its->key, 'parts.')) {
                $alike[explode('.', $its->key)[2].' '.$its->now][] = $its;
            }
        }

        return array_values(array_map(fn (array $all): self => new self(
            $all[0]->key.'+',
            $all[0]->label.', of '.Words::count(count($all), 'part').' at once',
            '',
            array_map(fn (self $its): string => $its->addresses[0], $all),
            $all[0]->now,
            true,
        ), array_filter($alike, fn (array $all): bool => count($all) > 1)));
    }

    /**
     * Whose it is is said where others are called the same.
     *
     * @param  list<self>  $found
     * @return list<self>
     */
    private static function told(array $found): array
    {
        $labels = array_count_values(array_column($found, 'label'));

        return array_map(fn (self $its): self => $labels[$its->label] === 1 || $its->whose === '' ? $its : new self(
            $its->key, "$its->label, $its->whose", '', $its->addresses, $its->now, $its->isLength, $its->mix,
        ), $found);
    }

    /** So many pieces of the same materials, each about as large a share as it was, one at the least. */
    private static function mixed(Mix $mix, int $pieces): string
    {
        $counts = array_column($mix->parts, 1);
        while (array_sum($counts) !== $pieces) {
            $isMore = array_sum($counts) < $pieces;
            // The one that is farthest below its share gets one more, that which is farthest above gives one.
            $off = array_map(fn (int $count, array $part): float => $count / $part[1], $counts, $mix->parts);
            if (! $isMore) {
                $off = array_filter($off, fn (int $at): bool => $counts[$at] > 1, ARRAY_FILTER_USE_KEY);
            }
            if ($off === []) {
                throw Fault::at('', sprintf('At least one of each of the %d materials goes in.', count($counts)));
            }
            $counts[(int) array_search($isMore ? min($off) : max($off), $off, true)] += $isMore ? 1 : -1;
        }

        return implode(' + ', array_map(fn (int $count, array $part): string => "$count $part[0]", $counts, $mix->parts));
    }
}
