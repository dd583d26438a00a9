<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/**
 * Suggestions in the maker's order, but different kinds of answers before near-twins: no two of the first five share technique and
 * layout.
 */
final readonly class Ranking
{
    private const UNLIKE = 5;

    private const SAME = 1e-6;

    /** Of the first, no more than this share a layout, as long as there are others. */
    private const OF_A_LAYOUT = 2;

    /** So many are kept of all that are found: the best of each kind, and the best of all. */
    private const KEPT = 24;

    /** @param  list<Suggestion>  $all  the best first */
    private function __construct(public array $all, private Wishes $wishes) {}

    /** @param  list<Suggestion>  $found */
    public static function of(array $found, Wishes $wishes): self
    {
        $order = $wishes->order();
        $value = fn (Suggestion $its): array => [
            ...array_map(fn (Criterion $criterion): float => round($criterion->of($its->metrics), 6), $order),
            $its->metrics->cents, $its->metrics->minutes, $its->of->kin(), $its->of->form, json_encode($its->of->share),
            -$its->length->units,
        ];
        usort($found, fn (Suggestion $a, Suggestion $b): int => $value($a) <=> $value($b));

        return new self($found, $wishes);
    }

    /** What has to be kept to rank what is found later with it. */
    public function kept(): self
    {
        $kept = [];
        $kinds = [];
        foreach ($this->all as $index => $its) {
            if ($index < self::KEPT || ! isset($kinds[$its->of->kin()])) {
                $kept[] = $its;
                $kinds[$its->of->kin()] = true;
            }
        }

        return new self($kept, $this->wishes);
    }

    /** @return list<Suggestion> as they are shown */
    public function shown(int $most): array
    {
        $first = [];
        // First no technique twice and few of one layout, then at least not both.
        foreach ([self::isAnother(...), self::isNoTwin(...)] as $mayBeNext) {
            foreach ($this->all as $its) {
                if (count($first) < self::UNLIKE && $mayBeNext($its, $first)) {
                    $first[] = $its;
                }
            }
        }
        usort($first, fn (Suggestion $a, Suggestion $b): int => array_search($a, $this->all, true) <=> array_search($b, $this->all, true));
        $later = array_filter($this->all, fn (Suggestion $its): bool => ! in_array($its, $first, true));

        return array_slice([...$first, ...$later], 0, $most);
    }

    /** @param  list<Suggestion>  $before */
    private static function isAnother(Suggestion $its, array $before): bool
    {
        $same = fn (callable $what): int => count(array_filter($before, fn (Suggestion $other): bool => $what($other) === $what($its)));

        return $same(fn (Suggestion $one): string => $one->of->technique) === 0
            && $same(fn (Suggestion $one): string|int => $one->of->layout['layout']) < self::OF_A_LAYOUT;
    }

    /** @param  list<Suggestion>  $before */
    private static function isNoTwin(Suggestion $its, array $before): bool
    {
        return ! in_array($its->of->kin(), array_map(fn (Suggestion $other): string => $other->of->kin(), $before), true);
    }

    /**
     * Why it is there and what it gives up, in one sentence, held against all that are shown with it.
     *
     * @param  non-empty-list<Suggestion>  $among
     */
    public function why(Suggestion $its, array $among, Units $units): string
    {
        [$praise, $worst, $gives] = [[], 0.0, null];
        foreach ($this->criteria() as $criterion) {
            $values = array_map(fn (Suggestion $other): float => $criterion->of($other->metrics), $among);
            [$own, $best, $range] = [$criterion->of($its->metrics), min($values), max($values) - min($values)];
            if ($range < self::SAME) {
                continue;
            }
            if ($own - $best < self::SAME) {
                $isOne = count(array_filter($values, fn (float $value): bool => $value - $best < self::SAME)) === 1;
                $praise[] = $isOne ? $criterion->praise() : $criterion->levelWith();
            } elseif (($own - $best) / $range > $worst) {
                [$worst, $gives] = [($own - $best) / $range, self::givesUp($criterion, $own - $best, $its->metrics, $units, $this->wishes)];
            }
        }

        return ($praise === [] ? 'A middle way' : ucfirst(Words::list(array_slice($praise, 0, 2))))
            .($gives === null ? '.' : "; but $gives.");
    }

    /** @return list<Criterion> what the maker asked for first */
    private function criteria(): array
    {
        return array_values(array_column([...$this->wishes->order(), ...Criterion::cases()], null, 'value'));
    }

    private static function givesUp(Criterion $criterion, float $by, Metrics $its, Units $units, Wishes $wishes): string
    {
        return match ($criterion) {
            Criterion::Cheapest => Money::cents((int) round($by), $wishes->currency)->shown().' dearer than the cheapest',
            Criterion::LeastBought => $its->rollsToBuy > 0
                ? Words::count($its->rollsToBuy, 'roll').' to buy'
                : Words::count($its->packsToBuy, 'pack').' to buy',
            Criterion::Quickest => Words::count((int) round($by), 'minute').' slower than the quickest',
            Criterion::Fullest => 'not as full as the fullest',
            Criterion::Largest => $units->place(Length::nearInches($by)).' smaller than the largest',
            Criterion::Scraps => 'leaves more of what is open',
        };
    }
}
