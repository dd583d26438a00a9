<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** From which rolls the rest of the work is cut. */
final readonly class RestPlan
{
    /**
     * @param  list<BenchRoll>  $rolls  all of the build, those that were not touched by it too
     * @param  list<string>  $new  the keys of those that what is left is cut from
     * @param  int  $bought  how many rolls that buys
     * @param  int  $opened  how many that opens of those that are there
     * @param  list<BenchCut>  $unmet  what is on no roll
     * @param  int  $cents  for the rolls that are bought
     */
    public function __construct(
        public array $rolls,
        public array $new,
        public int $bought,
        public int $opened,
        public array $unmet,
        public int $cents,
    ) {}

    /** @return list<string> what comes off each of them: "7 x 19 in = 133 in of 360 in, 227 in left" */
    public function words(Units $units, Situation $before): array
    {
        [$words, $materials] = [[], []];
        foreach ($this->rolls as $roll) {
            $materials += in_array($roll->key, $this->new, true) ? [$roll->material => $before->wound($roll->material)?->name()] : [];
        }
        foreach ($this->rolls as $roll) {
            $off = $before->cutFrom($roll);
            $fresh = array_values(array_filter($roll->cuts, fn (BenchCut $cut): bool => ! in_array($cut, $off, true)));
            if (in_array($roll->key, $this->new, true) && $fresh !== []) {
                $there = $roll->left()->plus(Length::sum(array_map(fn (BenchCut $cut): Length => $cut->length, $fresh)));
                $words[] = sprintf(
                    '%s%s = %s of %s, %s left',
                    count($materials) > 1 && isset($materials[$roll->material]) ? "{$materials[$roll->material]}: " : '',
                    self::lengths($fresh, $units),
                    $units->exact(Length::sum(array_map(fn (BenchCut $cut): Length => $cut->length, $fresh))),
                    $units->exact($there),
                    $roll->left()->isZero() ? 'nothing' : $units->available($roll->left()),
                );
            }
        }

        $counts = array_count_values($words);

        return array_map(
            fn (string $one, int $count): string => $count === 1 ? $one : "$one, $count times",
            array_keys($counts),
            $counts,
        );
    }

    /** @param  list<BenchCut>  $cuts */
    private static function lengths(array $cuts, Units $units): string
    {
        $counts = [];
        foreach ($cuts as $cut) {
            if (! $cut->length->isZero()) {
                $counts[$cut->length->units] = ($counts[$cut->length->units] ?? 0) + 1;
            }
        }

        return implode(' + ', array_map(
            fn (int $length, int $count): string => ($count === 1 ? '' : "$count x ").$units->exact(Length::ofUnits($length)),
            array_keys($counts),
            $counts,
        ));
    }
}
