<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Supply\Origin;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

/** Every remedy of many plans is carried out: it mends what it stands under, and tells all that is other than before. */
final class TrueRemediesTest extends TestCase
{
    use RandomTrials;

    private const FAMILIES = ['short' => 'rolls', 'at-risk' => 'rolls', 'every-inch' => 'rolls', 'thin' => 'fullness', 'very-full' => 'fullness'];

    private const BETTER = ['little-of-a-roll', 'sooner'];

    /** @var ?list<array{Plan, Result}> worked out once for all that is looked at */
    private static ?array $sample = null;

    public function test_what_is_offered_mends_its_warning_and_tells_all_it_changes(): void
    {
        $remedies = $this->onManyPlans(function (Plan $plan, Result $before, Advice $advice, Remedy $remedy): void {
            $edited = $remedy->edit->apply($plan, new PlanReader(Craft::standard()));
            $after = Engine::standard(Craft::standard())->warned($edited);
            $this->assertMends($before, $advice, $after, $remedy->label);
            $this->assertTold($this->differences($edited, $before, $after), $remedy);
        });
        $this->assertGreaterThan(60, $remedies);
    }

    public function test_ties_that_would_stay_bare_carry_nothing_and_all_others_carry_something(): void
    {
        $bare = 0;
        $this->forManyPlans(function (Plan $plan, Result $result) use (&$bare): void {
            foreach ($result->advice as $advice) {
                if (preg_match('/(Ties?) ([0-9, toand]+) would stay bare/', $advice->sentence, $found) === 1) {
                    $ties = $this->numbers($found[2]);
                    $this->assertSame([], array_intersect($ties, $this->carrying($result)), $advice->sentence);
                    $bare += count($ties);
                }
            }
        });
        $this->assertGreaterThan(20, $bare);
    }

    public function test_what_runs_out_and_what_a_new_roll_gives_is_so(): void
    {
        $checked = ['out' => 0, 'gives' => 0];
        $this->forManyPlans(function (Plan $plan, Result $result) use (&$checked): void {
            foreach ($result->advice as $advice) {
                if (preg_match('/runs? out (?:at|before) ties? (\d+)/', $advice->sentence, $found) === 1) {
                    $this->assertRunsOutThere($result, $advice, (int) $found[1]);
                    $checked['out']++;
                }
                if ($advice->rule === 'little-of-a-roll') {
                    $clause = '/Rolls? .*? of (.*?) (?:is|are) opened for (\d+) .*?; a new one gives (\d+)\./';
                    $this->assertGreaterThan(0, preg_match_all($clause, $advice->sentence, $found, PREG_SET_ORDER), $advice->sentence);
                    foreach ($found as [, $names, $little, $gives]) {
                        $this->assertGives($result, $advice, $names, (int) $little, (int) $gives);
                    }
                    $checked['gives']++;
                }
            }
        });
        $this->assertGreaterThan(8, $checked['out']);
        $this->assertGreaterThan(3, $checked['gives']);
    }

    /** The first element of a part that is not made for want of a material begins there. */
    private function assertRunsOutThere(Result $result, Advice $advice, int $tie): void
    {
        $part = array_values(array_filter($result->parts, fn (PartResult $part): bool => "parts.$part->id" === $advice->about))[0];
        $unmet = [];
        foreach ($result->wound as $mesh) {
            foreach (in_array($mesh->wound->id, $advice->materials, true) ? $mesh->plan->unmet : [] as $element) {
                $unmet = [...$unmet, ...($element->part === $part->id ? [$element->ties[0]] : [])];
            }
        }
        $this->assertSame($tie, $unmet[0], $advice->sentence);
    }

    /** Each roll that is meant of the meshes that are named gives so many pieces or steps at the most, and a whole new one so many. */
    private function assertGives(Result $result, Advice $advice, string $names, int $little, int $gives): void
    {
        foreach ($result->wound as $mesh) {
            foreach (str_contains($names, $mesh->wound->name()) ? $advice->rolls[$mesh->wound->id] ?? [] : [] as $number) {
                $made = array_filter(
                    $mesh->plan->rolls[$number - 1]->segments,
                    fn (Segment $segment): bool => $segment->element !== null && "parts.{$segment->part}" === $advice->about,
                );
                $this->assertLessThanOrEqual($little, count($made), $advice->sentence);
                $this->assertStringContainsString((string) $gives, $mesh->aRollGives?->said() ?? '', $advice->sentence);
            }
        }
    }

    /** @param  callable(Plan, Result): void  $holds */
    private function forManyPlans(callable $holds): void
    {
        foreach ($this->trials(2000) < 2000 ? self::$sample ??= iterator_to_array(self::plans(60)) : self::plans(2000) as [$plan, $result]) {
            $holds($plan, $result);
        }
    }

    /** @return \Generator<array{Plan, Result}> */
    private static function plans(int $count): \Generator
    {
        $plans = new RandomPlans((int) (getenv('ERIS_SEED') ?: 20261128));
        [$reader, $engine] = [new PlanReader(Craft::standard()), Engine::standard(Craft::standard())];
        for ($trial = 0; $trial < $count; $trial++) {
            $plan = $plans->next($reader);
            yield [$plan, $engine->work($plan)];
        }
    }

    /** @param  callable(Plan, Result, Advice, Remedy): void  $holds */
    private function onManyPlans(callable $holds): int
    {
        $remedies = 0;
        $this->forManyPlans(function (Plan $plan, Result $result) use ($holds, &$remedies): void {
            foreach ($result->advice as $advice) {
                foreach ($advice->remedies as $remedy) {
                    $holds($plan, $result, $advice, $remedy);
                    $remedies++;
                }
            }
        });

        return $remedies;
    }

    private function assertMends(Result $before, Advice $advice, Result $after, string $label): void
    {
        if (in_array($advice->rule, self::BETTER, true)) {
            return;
        }
        $family = self::FAMILIES[$advice->rule] ?? $advice->rule;
        $alike = fn (Result $result): int => count(array_filter(
            $result->advice,
            fn (Advice $other): bool => (self::FAMILIES[$other->rule] ?? $other->rule) === $family && match ($family) {
                'rolls' => array_intersect($other->materials, $advice->materials) !== [],
                'fullness' => true,
                default => $other->about === $advice->about,
            },
        ));
        $this->assertLessThan(in_array($family, ['rolls', 'fullness'], true) ? 1 : $alike($before), $alike($after), "$advice->title $label");
    }

    /** @param  list<string>  $differences */
    private function assertTold(array $differences, Remedy $remedy): void
    {
        foreach ($differences as $difference) {
            $this->assertStringContainsString($difference, $remedy->effect, $remedy->label);
        }
    }

    /** @return list<string> what has to be said */
    private function differences(Plan $plan, Result $before, Result $after): array
    {
        $said = [];
        foreach (['ties', 'elements', 'across', 'opening', 'depth', 'minutes'] as $figure) {
            if ($before->tally->$figure->shown !== $after->tally->$figure->shown) {
                $said[] = $after->tally->$figure->shown;
            }
        }
        if ($before->fullness->figure->shown !== $after->fullness->figure->shown) {
            $said[] = $after->fullness->figure->shown;
        }
        foreach (['byLength', 'opened'] as $way) {
            $cents = Money::read((string) $after->cost->$way->value, Currency::UsDollar)->cents - Money::read((string) $before->cost->$way->value, Currency::UsDollar)->cents;
            $said = [...$said, ...($cents === 0 ? [] : [Money::cents(abs($cents), Currency::UsDollar)->shown().($cents > 0 ? ' more' : ' less')])];
        }
        $goods = fn (Result $result): array => array_map(fn (GoodsUse $use): string => $use->count->shown, $result->goods);
        $old = array_combine(array_map(fn (WoundResult $its): string => $its->wound->id, $before->wound), $before->wound);
        foreach ($after->wound as $its) {
            $said = [...$said, ...$this->ofRolls($plan, $old[$its->wound->id] ?? null, $its)];
        }
        $other = fn (Result $one, Result $two): array => array_diff(
            array_map(fn (Advice $advice): string => "$advice->rule $advice->about", array_filter($one->advice, $this->isNamed(...))),
            array_map(fn (Advice $advice): string => "$advice->rule $advice->about", $two->advice),
        );

        return [
            ...$said,
            ...array_diff($goods($after), $goods($before)),
            ...($other($after, $before) === [] ? [] : ['but then ']),
        ];
    }

    private function isNamed(Advice $advice): bool
    {
        return ! isset(self::FAMILIES[$advice->rule]) && $advice->rule !== Engine::CUT_SHORT;
    }

    /** @return list<string> */
    private function ofRolls(Plan $plan, ?WoundResult $was, WoundResult $its): array
    {
        $said = [];
        if ($was !== null && $was->verdict != $its->verdict) {
            $said[] = match (true) {
                $its->verdict->short => ' short',
                ! $its->verdict->isGood() => $its->verdict->words(),
                default => $was->verdict->short ? 'nothing short' : 'safe',
            };
        }
        if ($was === null || $was->plan->used()->units !== $its->plan->used()->units) {
            $said[] = 'uses '.$plan->units()->needed($its->plan->used());
        }
        if ($was === null || $was->plan->left()->units !== $its->plan->left()->units) {
            $said[] = 'leaves '.$plan->units()->available($its->plan->left());
        }
        if (($was?->plan->opened() ?? 0) !== $its->plan->opened()) {
            $said[] = "opens {$its->plan->opened()} roll";
        }
        foreach ([Origin::Part, Origin::Loose] as $origin) {
            [$before, $after] = [count($was?->plan->from($origin) ?? []), count($its->plan->from($origin))];
            $said = [...$said, ...($before === $after ? [] : ["cuts from $after $origin->value"])];
        }
        $bought = count($its->plan->from(Origin::New)) - ($was === null ? 0 : count($was->plan->from(Origin::New)));

        return [...$said, ...($bought === 0 ? [] : [$bought > 0 ? "buys $bought roll" : -$bought.' roll'])];
    }

    /** @return list<int> ties that something that is made, or begun, hangs on */
    private function carrying(Result $result): array
    {
        $begun = [];
        foreach ($result->wound as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                foreach ($roll->segments as $segment) {
                    $begun[$segment->element->id ?? ''] = true;
                }
            }
        }
        $ties = [];
        foreach ($result->parts as $part) {
            foreach ($part->elements as $element) {
                $ties = [...$ties, ...(isset($begun[$element->element->id]) || ! $element->missing ? $element->element->ties : [])];
            }
        }

        return array_values(array_unique($ties));
    }

    /** @return list<int> of "1, 4 and 7 to 9" */
    private function numbers(string $words): array
    {
        $numbers = [];
        foreach (preg_split('/, | and /', trim($words)) ?: [] as $part) {
            $ends = array_map(intval(...), explode(' to ', $part));
            $numbers = [...$numbers, ...range($ends[0], $ends[count($ends) - 1])];
        }

        return $numbers;
    }
}
