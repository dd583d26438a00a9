<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Run;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Words\Refused;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** What holds for every plan, whatever its techniques, meshes and rolls. */
final class PropertiesTest extends PlanCase
{
    use RandomTrials;

    public function test_mesh_used_leftover_and_waste_are_the_length_of_the_rolls(): void
    {
        $this->forSomePlans(function (Plan $plan): void {
            foreach (Engine::standard(Craft::standard())->work($plan)->wound as $mesh) {
                $rolls = $mesh->plan;
                $waste = $rolls->waste($plan->settings->keepFrom());
                $leftover = Length::sum(
                    array_map(
                        fn (RollUse $roll): Length => $roll->left()->isLessThan($plan->settings->keepFrom()) ? Length::zero() : $roll->left(),
                        $rolls->rolls,
                    ),
                );
                $this->assertSame(
                    $mesh->wound->nominal()->times(count($rolls->rolls))->units,
                    Length::sum([$rolls->used(), $leftover, $waste])->units,
                );
                $this->assertNothingIsCutTwiceOrForgotten($plan, $mesh);
            }
        });
    }

    public function test_no_run_changes_rolls_between_ties(): void
    {
        $this->forSomePlans(function (Plan $plan): void {
            $results = Engine::standard(Craft::standard())->work($plan)->wound;
            foreach ($results as $mesh) {
                foreach ($mesh->plan->changes as $change) {
                    $steps = array_merge(...array_map(fn (Run $run): array => $run->steps, $plan->part($change->part)->demand->runs));
                    $before = array_values(array_filter($steps, fn ($step): bool => $step->element->id === $change->after->id))[0];
                    $this->assertSame($before->to, $change->tie);
                }
                foreach ($mesh->plan->rolls as $roll) {
                    $this->assertTailsRoundEveryStretch($plan, $roll);
                }
            }
        });
    }

    public function test_every_layer_makes_what_its_rule_asks(): void
    {
        $this->forSomePlans(function (Plan $plan): void {
            foreach ($plan->parts as $layer) {
                $ties = count($layer->on->ties());
                $open = count(array_filter($layer->on->rows, fn ($row): bool => ! $row->closed));
                $filling = $layer->on->slip->has('fill') && $layer->on->slip->text('fill') === 'filling' && count($layer->on->rows) > 1
                    ? $layer->on->rows[0]
                    : null;
                $asked = match ($layer->kind->key()) {
                    'wound-cover' => $layer->on->slip->count('passes'),
                    'poof-run' => $ties - $open + ($filling === null ? 0 : count($filling->ties) - ($filling->closed ? 0 : 1)),
                    default => $ties,
                };
                $this->assertCount($asked, $layer->demand->elements);
                $this->assertSame(range(1, $asked), array_map(fn ($element): int => $element->number, $layer->demand->elements));
                if ($layer->demand->cuts !== [] && ! in_array($layer->kind->key(), ['strand-bunch', 'wound-cover'], true)) {
                    $this->assertSame($asked * count($layer->on->materials), count($layer->demand->cuts));
                    $this->assertSame(
                        [$layer->on->length('length')->units],
                        array_values(array_unique(array_map(fn (Cut $cut): int => $cut->length->units, $layer->demand->cuts))),
                    );
                }
            }
        });
    }

    public function test_splitting_a_run_into_halves_never_shortens_it(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(2, 8),
            Generators::choose(1, 6),
            Generators::choose(0, 6),
            Generators::choose(0, 6),
            Generators::bool(),
        )
            ->then(function (int $perSection, int $crossbars, int $start, int $end, bool $fill): void {
                $takes = fn (string $parts): int => $this->takes($this->plan([
                    'form' => ['crossbars' => $crossbars],
                    'ties' => [
                        [
                            'layout' => $fill ? 'rows' : 'n-a-section',
                            ...($fill ? ['rows' => [$perSection + 2, 2 * $perSection + 2]] : ['perSection' => $perSection + 1]),
                        ],
                    ],
                    'materials' => [['roll' => '40 yd']],
                    'parts' => [
                        [
                            'kind' => 'poof-run',
                            'parts' => $parts,
                            'startTail' => "$start in",
                            'endTail' => "$end in",
                            'drop' => '0 in',
                            'fill' => $fill ? 'filling' : 'none',
                        ],
                    ],
                ])->parts[0]);
                $this->assertGreaterThanOrEqual($takes('one'), $takes('rows'));
                $this->assertGreaterThanOrEqual($takes('rows'), $takes('halves'));
            });
    }

    private function takes(Part $layer): int
    {
        return array_sum(array_map(fn (Run $run): int => $run->length()->units, $layer->demand->runs));
    }

    /** @param  callable(Plan): void  $holds */
    private function forSomePlans(callable $holds): void
    {
        $techniques = array_keys(Craft::standard()->parts);
        $this->limitTo($this->trials(60))->forAll(
            Generators::choose(0, count($techniques) - 1),
            Generators::choose(0, count($techniques) - 1),
            Generators::choose(1, 5),
            Generators::choose(0, 7),
            Generators::choose(1, 12),
            Generators::choose(0, 3),
            Generators::choose(0, 3),
        )->then(function (int $one, int $other, int $perSection, int $place, int $rolls, int $mix, int $way) use ($techniques, $holds): void {
            $on = [
                'every tie',
                'every 2nd tie',
                'sections 1 to 3',
                'every 3rd tie',
                'row 1',
                'row 2',
                'ties 1 to 7',
                'every 2nd tie of row 2',
            ][$place];
            $layer = fn (string $key): array => [
                'kind' => $key,
                'material' => $this->mix($key, $mix),
                'on' => $on,
                ...$this->ways($key, $way),
            ];
            try {
                $plan = $this->plan([
                    'ties' => [['layout' => 'rows', 'rows' => [3 * $perSection + 4, 6 * $perSection]]],
                    'materials' => [
                        ['id' => 'a', 'width' => '6 in', 'roll' => '10 yd', 'rolls' => $rolls],
                        ['id' => 'b', 'name' => 'Gold mesh', 'width' => '6 in', 'roll' => '5 yd'],
                        ['id' => 'c', 'width' => '8 in', 'roll' => '8 m', 'label' => 'measured'],
                    ],
                    'parts' => [$layer($techniques[$one]), $layer($techniques[$other])],
                ]);
            } catch (Refused $refused) {
                // Some techniques have no room on some places: that is said, + add a colour is to hold.
                $this->assertNotSame('', $refused->getMessage());

                return;
            }
            $holds($plan);
        });
    }

    /** @return string|list<string> */
    private function mix(string $technique, int $mix): string|array
    {
        $use = Craft::standard()->parts[$technique]->materials();

        return match (true) {
            $use->counted => [['a: 4'], ['a: 2', 'b: 2'], ['a: 1', 'b: 1', 'c: 3'], ['c: 2']][$mix],
            $use->isOne() => ['a', 'b', 'c', 'a'][$mix],
            $use->least === 2 => [['a', 'a'], ['a', 'b'], ['c', 'b'], ['b', 'b']][$mix],
            default => [['a'], ['a', 'b'], ['a', 'b', 'c'], ['b', 'b', 'a']][$mix],
        };
    }

    /** @return array<string, string> */
    private function ways(string $technique, int $way): array
    {
        return match ($technique) {
            'poof-run' => [
                ['fill' => 'filling'],
                ['parts' => 'halves', 'ends' => 'zip-tied'],
                ['parts' => 'rows', 'fill' => 'filling', 'change' => 'alone'],
                ['change' => 'alone', 'drop' => '3 in'],
            ][$way],
            'pulled-loops' => $way === 1 ? ['change' => 'alone'] : [],
            'strand-bunch' => ['strands' => '6'],
            default => [],
        };
    }

    /** Every cut and every step of every strand is on one roll, or named as missing. */
    private function assertNothingIsCutTwiceOrForgotten(Plan $plan, WoundResult $mesh): void
    {
        $asked = [];
        foreach ($plan->parts as $layer) {
            foreach ($layer->demand->cuts as $cut) {
                $asked = [...$asked, ...($cut->material === $mesh->wound->id ? [$cut->element->id] : [])];
            }
            foreach ($layer->demand->runs as $run) {
                foreach (array_keys($run->strands, $mesh->wound->id, true) as $strand) {
                    array_push($asked, ...array_map(fn ($step): string => $step->element->id, $run->steps));
                }
            }
        }
        $laid = array_merge(
            ...array_map(
                fn (RollUse $roll): array => array_map(fn (Segment $segment): ?string => $segment->element?->id, $roll->segments),
                $mesh->plan->rolls,
            ),
        );
        $laid = array_filter($laid, is_string(...));
        $missing = array_map(fn ($element): string => $element->id, $mesh->plan->unmet);
        if ($plan->wound()[0]->rolls() === null || $missing === []) {
            $elsewhere = array_diff($asked, $laid);
            $this->assertSame([], array_values(array_diff($elsewhere, $missing, $this->missingAnywhere($plan))));
        }
        foreach (array_count_values($laid) as $id => $times) {
            $this->assertLessThanOrEqual(count(array_keys($asked, $id, true)), $times, "$id is cut $times times");
        }
    }

    /** @return list<string> elements that are not made since one of their meshes runs out */
    private function missingAnywhere(Plan $plan): array
    {
        $results = Engine::standard(Craft::standard())->work($plan)->wound;

        return array_merge(
            ...array_map(fn (WoundResult $mesh): array => array_map(fn ($element): string => $element->id, $mesh->plan->unmet), $results),
        );
    }

    /** On a roll, every stretch of a run begins with a start tail and ends with an end tail. */
    private function assertTailsRoundEveryStretch(Plan $plan, RollUse $roll): void
    {
        $open = false;
        foreach ($roll->segments as $segment) {
            $this->assertSame($segment->kind !== SegmentKind::Piece, $plan->part($segment->part)->demand->runs !== []);
            if ($segment->kind === SegmentKind::Piece || $segment->kind === SegmentKind::StartTail) {
                $this->assertFalse($open);
            } else {
                $this->assertTrue($open);
            }
            $open = in_array($segment->kind, [SegmentKind::StartTail, SegmentKind::Step], true);
        }
        $this->assertFalse($open);
    }
}
