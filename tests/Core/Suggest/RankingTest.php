<?php

declare(strict_types=1);

namespace Tests\Core\Suggest;

use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Suggest\Combination;
use Davrin\Core\Suggest\Limits;
use Davrin\Core\Suggest\Loosening;
use Davrin\Core\Suggest\Metrics;
use Davrin\Core\Suggest\NearMiss;
use Davrin\Core\Suggest\Ranking;
use Davrin\Core\Suggest\Shape;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** In which order suggestions come, what is said of each, and what is said where nothing fits. */
final class RankingTest extends TestCase
{
    #[TestWith(['cheapest', 'quickest', ['b', 'c', 'a']])]
    #[TestWith(['quickest', 'cheapest', ['a', 'b', 'c']])]
    #[TestWith(['fullest', 'cheapest', ['c', 'a', 'b']])]
    #[TestWith(['largest', 'cheapest', ['a', 'b', 'c']])]
    #[TestWith(['least-bought', 'fullest', ['b', 'c', 'a']])]
    #[TestWith(['scraps', 'cheapest', ['c', 'b', 'a']])]
    public function test_the_makers_order_comes_first_and_then_the_next(string $first, string $then, array $order): void
    {
        $this->assertSame($order, $this->techniques($this->ranked(['first' => $first, 'then' => $then])->all));
    }

    public function test_each_says_what_it_is_best_at_and_what_it_gives_up(): void
    {
        $ranking = $this->ranked(['first' => 'cheapest', 'then' => 'quickest']);
        $said = array_map(fn (Suggestion $its): string => $ranking->why($its, $ranking->all, Units::Inches), $ranking->all);
        $this->assertSame([
            // b: 7.00, 50 min, 21 in; c: 7.50, 60 min, 18 in, fullest, most scraps; a: 9.00, 40 min, 24 in, a roll to buy.
            'The cheapest and the one that needs least bought; but not as full as the fullest.',
            'The fullest and the one that uses up most of what is open; but 20 minutes slower than the quickest.',
            'The quickest and the largest; but $2.00 dearer than the cheapest.',
        ], $said);
    }

    public function test_what_is_as_good_as_another_does_not_call_itself_the_best(): void
    {
        $wishes = Wishes::read([], Currency::UsDollar);
        $twins = [$this->suggestion('a', cents: 700), $this->suggestion('b', cents: 700), $this->suggestion('c', cents: 900)];
        $ranking = Ranking::of($twins, $wishes);
        $this->assertSame('As cheap as any.', $ranking->why($twins[0], $twins, Units::Inches));
        $this->assertSame('A middle way; but $2.00 dearer than the cheapest.', $ranking->why($twins[2], $twins, Units::Inches));
        $this->assertSame('A middle way.', Ranking::of([$twins[0]], $wishes)->why($twins[0], [$twins[0]], Units::Inches), 'alone there is nothing to hold it against');
        $this->assertSame(
            'A middle way; but 7.5 cm smaller than the largest.',
            $ranking->why($this->suggestion('d', across: 21.0), [$this->suggestion('d', across: 21.0), $this->suggestion('e', across: 24.0)], Units::Metric),
        );
    }

    public function test_different_techniques_come_before_near_twins(): void
    {
        $all = [];
        foreach ([['ruffle', 'flat'], ['ruffle', 'zigzag'], ['pancake', 'flat'], ['curl', 'flat'], ['poof', 'flat'], ['poof', 'rows'], ['bundle', 'rows'], ['star', 'rows']] as $price => [$technique, $layout]) {
            $all[] = $this->suggestion($technique, $layout, cents: 700 + $price);
        }
        $shown = Ranking::of($all, Wishes::read([], Currency::UsDollar))->shown(8);
        $this->assertSame(['ruffle flat', 'pancake flat', 'poof rows', 'bundle rows'], array_map(
            fn (Suggestion $its): string => $its->of->kin(),
            array_values(array_filter($shown, fn (Suggestion $its, int $place): bool => $place < 5 && $its->of->kin() !== 'ruffle zigzag', ARRAY_FILTER_USE_BOTH)),
        ), 'no technique twice and two of a layout at the most, as far as that goes');
        $this->assertCount(8, $shown);
        $this->assertSame($all[0], $shown[0]);
    }

    public function test_where_there_is_one_technique_no_two_of_the_first_share_a_layout(): void
    {
        $all = [
            $this->suggestion('ruffle', 'flat', cents: 700), $this->suggestion('ruffle', 'flat', cents: 701), $this->suggestion('ruffle', 'zigzag', cents: 702),
            $this->suggestion('ruffle', 'rows', cents: 703), $this->suggestion('ruffle', 'flat', cents: 704),
        ];
        $shown = Ranking::of($all, Wishes::read([], Currency::UsDollar))->shown(5);
        $this->assertSame([700, 702, 703, 701, 704], array_map(fn (Suggestion $its): int => $its->metrics->cents, $shown));
    }

    public function test_of_all_that_is_found_the_best_and_one_of_each_kind_are_kept(): void
    {
        $all = [];
        for ($number = 0; $number < 60; $number++) {
            $all[] = $this->suggestion('ruffle', 'flat', cents: 700 + $number);
        }
        $kept = Ranking::of([...$all, $this->suggestion('star', 'rows', cents: 9000)], Wishes::read([], Currency::UsDollar))->kept()->all;
        $this->assertCount(25, $kept);
        $this->assertSame('star', $kept[24]->of->technique);
    }

    #[TestWith([Limits::BUDGET, 139.2, 'Let it cost $1.40 more.'])]
    #[TestWith([Limits::TIME, 1.0, 'Give it 1 minute more.'])]
    #[TestWith([Limits::ROLLS, 2.0, 'Buy 2 rolls more.'])]
    #[TestWith([Limits::LARGER, 1.51, 'Let it be 1 5/8 in smaller.'])]
    #[TestWith([Limits::SMALLER, 2.0, 'Let it be 2 in larger.'])]
    #[TestWith([Limits::DEPTH, 0.25, 'Let it be 1/4 in deeper.'])]
    #[TestWith([Limits::OPENING, 1.0, 'Take a sign that is 1 in less from corner to corner.'])]
    #[TestWith([Limits::THIN, 0.121, 'Let it be thinner, by 13 %.'])]
    #[TestWith([Limits::THICK, 0.5, 'Let it be fuller, by 50 %.'])]
    public function test_a_wish_is_loosened_by_what_is_missing_rounded_up(string $wish, float $by, string $said): void
    {
        $wishes = Wishes::read([], Currency::UsDollar);
        // The nearest of those that miss it is told.
        $misses = [new NearMiss($wish, $by + 1.0, 'pancake'), new NearMiss($wish, $by, 'ruffle')];
        $this->assertSame([$said], Loosening::of($misses)->sentences($wishes, Units::Inches));
    }

    public function test_what_misses_and_what_does_not(): void
    {
        $wishes = Wishes::read([
            'budget' => '7.00', 'minutes' => 45, 'buy' => 1, 'from' => '18 in', 'to' => '22 in', 'deep' => '5 in', 'signWide' => '4 in', 'signHigh' => '3 in',
        ], Currency::UsDollar);
        $limits = new Limits($wishes);
        $this->assertSame([], $limits->above($this->suggestion('a', cents: 700, minutes: 45, across: 22.0, rolls: 1)->metrics));
        $over = $limits->above($this->suggestion('a', cents: 750, minutes: 50, across: 23.0, rolls: 3)->metrics);
        $this->assertSame([Limits::BUDGET => 50.0, Limits::TIME => 5.0, Limits::ROLLS => 2.0, Limits::SMALLER => 1.0], $over);
        // From corner to corner a sign of 4 by 3 is 5.
        $this->assertSame([Limits::OPENING => 1.0], $limits->tooLarge(new Shape(20.0, 4.0, 5.0, 1.2, 0.8)));
        $this->assertSame([Limits::LARGER => 2.0], $limits->tooSmall(new Shape(16.0, 6.0, 4.0, 1.2, 0.8)));
    }

    #[TestWith(['any', [1.0, 1.5]])]
    #[TestWith(['light', [1.0, 1.25]])]
    #[TestWith(['full', [1.25, 1.875]])]
    public function test_full_and_light_part_what_is_usual_in_the_middle(string $full, array $bounds): void
    {
        // Very full begins at one and a half times what is just not thin.
        $its = (new Limits(Wishes::read(['full' => $full], Currency::UsDollar)))->fullnessOf(new Shape(22.0, 0.0, 5.0, 1.2, 0.8));
        $this->assertEqualsWithDelta($bounds, $its, 1e-9);
    }

    /** @param  array<string, string>  $wishes */
    private function ranked(array $wishes): Ranking
    {
        return Ranking::of([
            $this->suggestion('a', cents: 900, minutes: 40, across: 24.0, rolls: 1, scraps: 0.0, ofMost: 0.8),
            $this->suggestion('b', cents: 700, minutes: 50, across: 21.0, scraps: 60.0, ofMost: 0.7),
            $this->suggestion('c', cents: 750, minutes: 60, across: 18.0, packs: 1, scraps: 90.0, ofMost: 0.95),
        ], Wishes::read($wishes, Currency::UsDollar));
    }

    private function suggestion(
        string $technique,
        string $layout = 'flat',
        int $cents = 700,
        int $minutes = 40,
        float $across = 22.0,
        int $rolls = 0,
        int $packs = 0,
        float $scraps = 0.0,
        float $ofMost = 0.8,
    ): Suggestion {
        return new Suggestion(
            new Combination(0, $technique, ['id' => 't1', 'layout' => $layout], [[0, 1]]),
            Length::inches(19),
            false,
            new Metrics($cents, $minutes, $rolls, $packs, new Shape($across, 6.0, 5.0, 1.2, $ofMost), $scraps),
        );
    }

    /**
     * @param  list<Suggestion>  $all
     * @return list<string>
     */
    private function techniques(array $all): array
    {
        return array_map(fn (Suggestion $its): string => $its->of->technique, $all);
    }
}
