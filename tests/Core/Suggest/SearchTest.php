<?php

declare(strict_types=1);

namespace Tests\Core\Suggest;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\Verdict;
use Davrin\Core\Suggest\Combinations;
use Davrin\Core\Suggest\Criterion;
use Davrin\Core\Suggest\Drafts;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Suggest\Limits;
use Davrin\Core\Suggest\Loosening;
use Davrin\Core\Suggest\Metrics;
use Davrin\Core\Suggest\Ranking;
use Davrin\Core\Suggest\Search;
use Davrin\Core\Suggest\Shape;
use Davrin\Core\Suggest\Stretch;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class SearchTest extends PlanCase
{
    /** So many combinations are held against all their lengths. */
    private const LOOKED_AT = 6;

    private const ONE_ROLL = ['materials' => [['kind' => 'mesh', 'name' => 'Sage mesh', 'onHand' => ['10 yd by label'], 'allowance' => '1 %']]];

    /** @var array<string, array{Metrics, Verdict}> what is the same for several wishes, worked out once */
    private static array $made = [];

    public function test_the_longest_ruffle_of_one_roll_is_nineteen_and_three_quarters(): void
    {
        $found = $this->search([], self::ONE_ROLL + ['techniques' => ['ruffle']])->found;
        $usual = array_filter($found, fn (Suggestion $its): bool => $its->of->layout['layout'] === 'inner-mid-two-outer');
        // 356.4 in are safe, and 18 ties share them.
        $this->assertSame(['16 3/8 in', '19 3/4 in'], array_map(fn (Suggestion $its): string => LengthText::canonical($its->length), array_values($usual)));
        $this->assertSame([0, 0], array_values(array_map(fn (Suggestion $its): int => $its->metrics->rollsToBuy, $usual)));
    }

    #[TestWith([[]])]
    #[TestWith([['first' => 'fullest', 'then' => 'quickest', 'minutes' => 45]])]
    #[TestWith([['first' => 'least-bought', 'then' => 'fullest', 'buy' => 1, 'budget' => '9.00', 'full' => 'full']])]
    #[TestWith([['first' => 'scraps', 'then' => 'cheapest', 'full' => 'light']])]
    #[TestWith([['first' => 'largest', 'then' => 'quickest', 'deep' => '4 in']])]
    public function test_its_best_is_the_best_of_all_that_can_be_made(array $written): void
    {
        $wishes = Wishes::read($written, Currency::UsDollar);
        $given = Given::read([
            'materials' => [
                ['kind' => 'mesh', 'name' => 'Sage mesh', 'onHand' => ['290 in', '62 in'], 'price' => '6.00'],
                ['kind' => 'mesh', 'name' => 'Rust, narrow', 'width' => '6 in', 'roll' => '5 yd', 'colour' => '#a5502f', 'onHand' => ['170 in', '2 x 5 yd by label'], 'price' => '2.25'],
            ],
            'techniques' => ['ruffle', 'pancake', 'rolled-bundle'],
        ]);
        $looked = 0;
        $goesOn = function () use (&$looked): bool {
            return ++$looked < self::LOOKED_AT;
        };
        $ranked = Ranking::of($this->over($wishes, $given)->stretch(0, $goesOn)->found, $wishes);
        $order = fn (Metrics $its): array => array_map(fn (Criterion $criterion): float => round($criterion->of($its), 6), $wishes->order());

        $all = $this->enumerated($wishes, $given);
        $this->assertNotSame([], $all);
        $best = min(array_map($order, $all));
        $this->assertSame($best, $order($ranked->all[0]->metrics));
        foreach ($ranked->all as $its) {
            $this->assertContains($order($its->metrics), array_map($order, $all), 'nothing is suggested that does not fit');
        }
    }

    public function test_no_two_of_the_first_five_share_technique_and_layout(): void
    {
        $wishes = Wishes::read([], Currency::UsDollar);
        $shown = Ranking::of($this->search([], self::ONE_ROLL)->found, $wishes)->shown(8);
        $first = array_slice($shown, 0, 5);
        $this->assertCount(5, array_unique(array_map(fn (Suggestion $its): string => $its->of->kin(), $first)));
        $this->assertGreaterThan(3, count(array_unique(array_map(fn (Suggestion $its): string => $its->of->technique, $first))));
        foreach ($shown as $its) {
            $this->assertMatchesRegularExpression('/^[A-Z].*\.$/', Ranking::of($shown, $wishes)->why($its, $shown, Units::Inches));
        }
        $this->assertStringContainsString('cheap', Ranking::of($shown, $wishes)->why($shown[0], $shown, Units::Inches));
    }

    public function test_it_goes_on_where_it_was_stopped_and_comes_to_the_same(): void
    {
        $whole = $this->search(['minutes' => 45], self::ONE_ROLL);
        $search = $this->over(Wishes::read(['minutes' => 45], Currency::UsDollar), Given::read(self::ONE_ROLL));
        [$found, $at] = [[], 0];
        while ($at < $search->count()) {
            $step = $search->stretch($at, fn (): bool => false);
            $this->assertSame($at + 1, $step->next);
            [$found, $at] = [[...$found, ...$step->found], $step->next];
        }
        $this->assertEquals($whole->found, $found);
        $this->assertSame($found[0]->write(), Suggestion::read(json_decode((string) json_encode($found[0]->write()), true))->write());
    }

    public function test_for_a_beginner_there_are_easy_techniques_of_one_colour(): void
    {
        $two = ['materials' => [self::ONE_ROLL['materials'][0], ['name' => 'Plum', 'colour' => '#6d3a5f'] + self::ONE_ROLL['materials'][0]]];
        $found = $this->search(['skill' => 'beginner'], $two)->found;
        $this->assertSame([], array_diff(array_map(fn (Suggestion $its): string => $its->of->technique, $found), ['ruffle', 'pancake', 'poof-run']));
        $this->assertSame([1], array_values(array_unique(array_map(fn (Suggestion $its): int => count($its->of->share), $found))));
        $anybody = $this->search([], $two)->found;
        $this->assertContains(2, array_map(fn (Suggestion $its): int => count($its->of->share), $anybody));
        $this->assertGreaterThan(9, count(array_unique(array_map(
            fn (Suggestion $its): string => $its->of->technique,
            $this->search(['buy' => 6, 'full' => 'any'], $two)->found,
        ))));
    }

    public function test_ribbon_sets_are_added_where_there_is_ribbon(): void
    {
        $wishes = Wishes::read(['ribbon' => 'ribbon'], Currency::UsDollar);
        $this->assertTrue($this->over($wishes, Given::read(self::ONE_ROLL))->lacksRibbon());
        $given = Given::read(['techniques' => ['ruffle'], 'materials' => [
            ...self::ONE_ROLL['materials'], ['kind' => 'ribbon', 'name' => 'Stripe', 'width' => '2 1/2 in', 'onHand' => ['10 yd by label']],
        ]]);
        $search = $this->over($wishes, $given);
        $found = $search->stretch(0, fn (): bool => true)->found;
        $this->assertNotSame([], $found);
        $this->assertSame('ribbon-sets', $search->plan($found[0])->parts[1]->kind->key());
    }

    public function test_where_nothing_fits_it_says_what_to_loosen_and_by_how_much(): void
    {
        $wishes = Wishes::read(['minutes' => 5], Currency::UsDollar);
        $given = Given::read(self::ONE_ROLL + ['techniques' => ['ruffle']]);
        $none = $this->over($wishes, $given)->stretch(0, fn (): bool => true);
        $this->assertSame([], $none->found);
        $said = Loosening::of($none->misses)->sentences($wishes, Units::Inches);
        $this->assertMatchesRegularExpression('/^Give it (\d+) minutes more\.$/', $said[0]);
        // So many more, and something fits; one less, and nothing does.
        $more = (int) filter_var($said[0], FILTER_SANITIZE_NUMBER_INT);
        foreach ([[$more, true], [$more - 1, false]] as [$by, $fits]) {
            $found = $this->over(Wishes::read(['minutes' => 5 + $by], Currency::UsDollar), $given)->stretch(0, fn (): bool => true)->found;
            $this->assertSame($fits, $found !== []);
        }
        $scarce = ['materials' => [['onHand' => ['100 in']] + self::ONE_ROLL['materials'][0]], 'techniques' => ['ruffle']];
        $this->assertContains('Buy 1 roll more.', Loosening::of($this->search([], $scarce)->misses)->sentences($wishes, Units::Inches));
        $this->assertSame([], $this->search([], ['materials' => []])->found, 'nothing there, nothing to buy');
    }

    /** @return array<string, array{array<string, string>, string, string}> */
    public static function contradictions(): array
    {
        return [
            'larger and smaller' => [['wishes.from' => '24 in', 'wishes.to' => '18 in'], 'wishes.to', 'larger than the one'],
            'a sign as large as the piece' => [['wishes.to' => '12 in', 'wishes.signWide' => '10 in', 'wishes.signHigh' => '8 in'], 'wishes.to', 'A sign of that size does not go into a piece'],
            'half a sign' => [['wishes.signWide' => '10 in'], 'wishes.signHigh', 'both, or "none"'],
            'less than nothing' => [['wishes.budget' => '-4'], 'wishes.budget', 'between $0.00'],
            'no number' => [['wishes.minutes' => 'an evening'], 'wishes.minutes', 'is not a whole number'],
        ];
    }

    #[DataProvider('contradictions')]
    public function test_wishes_that_contradict_each_other_are_told_at_their_blank(array $typed, string $address, string $why): void
    {
        try {
            Wishes::read([], Currency::UsDollar)->filled($typed, Units::Inches);
            $this->fail('It was taken.');
        } catch (BlankRefused $refused) {
            $this->assertSame($address, $refused->address);
            $this->assertStringContainsString($why, $refused->getMessage());
        }
    }

    #[TestWith([['forms' => [['name' => 'x']]], '/forms/0'])]
    #[TestWith([['materials' => 'all'], '/materials'])]
    #[TestWith([['materials' => ['sage']], '/materials/0'])]
    public function test_what_is_given_and_cannot_be_read_says_where(array $written, string $pointer): void
    {
        $this->expectExceptionObject(Fault::at($pointer, ''));
        try {
            Given::read($written);
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer);
            throw Fault::at($pointer, '');
        }
    }

    /** @return list<Metrics> of every combination at every length of the ruler that does all that is wished */
    private function enumerated(Wishes $wishes, Given $given): array
    {
        [$drafts, $limits] = [new Drafts(Craft::standard(), $this->reader(), $wishes, $given), new Limits($wishes)];
        $all = [];
        foreach (array_slice((new Combinations(Craft::standard(), $this->reader(), $wishes, $given))->all(), 0, self::LOOKED_AT) as $of) {
            $part = $drafts->plan($of)->part('mesh');
            $usual = $part->on->slip->length($drafts->kind($of)->lengthKey())->toInches();
            for ($eighths = (int) ceil(max($usual / 2, min($usual, $part->on->width()->toInches() * 0.75)) * 8); $eighths <= $usual * 16; $eighths++) {
                try {
                    $plan = $drafts->plan($of, Length::inches(0, $eighths, 8));
                } catch (Refused) {
                    continue;
                }
                $shape = Shape::of($plan);
                if ($limits->tooSmall($shape) !== [] || $limits->tooLarge($shape) !== []) {
                    continue;
                }
                [$metrics, $verdict] = $this->made($plan, $shape);
                if (! $verdict->short && ! $verdict->atRisk && $limits->above($metrics) === []) {
                    $all[] = $metrics;
                }
            }
        }

        return $all;
    }

    /** @return array{Metrics, Verdict} */
    private function made(Plan $plan, Shape $shape): array
    {
        return self::$made[(string) json_encode($plan->write())] ??= (function () use ($plan, $shape): array {
            $result = $this->figures($plan);

            return [Metrics::of($plan, $result, $shape), $result->verdict];
        })();
    }

    private function search(array $wishes, array $given): Stretch
    {
        return $this->over(Wishes::read($wishes, Currency::UsDollar), Given::read($given))->stretch(0, fn (): bool => true);
    }

    private function over(Wishes $wishes, Given $given): Search
    {
        return Search::over(Craft::standard(), $this->reader(), Engine::standard(Craft::standard()), $wishes, $given);
    }
}
