<?php

declare(strict_types=1);

namespace Tests\Core\Suggest;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Suggest\Combination;
use Davrin\Core\Suggest\Combinations;
use Davrin\Core\Suggest\Drafts;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Suggest\Wishes;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Which ways of making something there are, and how each is written as a plan. */
final class DraftsTest extends PlanCase
{
    private const SAGE = ['kind' => 'mesh', 'name' => 'Sage', 'colour' => '#7f9a76', 'onHand' => ['10 yd by label', '131 in']];

    private const PLUM = ['kind' => 'mesh', 'name' => 'Plum', 'colour' => '#6d3a5f', 'onHand' => ['10 yd by label']];

    private const STRIPE = ['kind' => 'ribbon', 'name' => 'Stripe', 'width' => '2 1/2 in', 'onHand' => ['10 yd by label']];

    public function test_the_first_round_tries_every_technique_with_the_usual_layout_and_what_there_is_most_of(): void
    {
        $all = $this->combinations([], [self::PLUM, self::SAGE, self::STRIPE])->all();
        $techniques = array_values(array_unique(array_map(fn (Combination $its): string => $its->technique, $all)));
        $first = array_slice($all, 0, count($techniques));
        $this->assertSame($techniques, array_map(fn (Combination $its): string => $its->technique, $first));
        $this->assertSame(['inner-mid-two-outer'], array_values(array_unique(array_map(fn (Combination $its): string => (string) $its->layout['layout'], $first))));
        // Of sage there is more, and ribbon makes no base.
        $this->assertSame([[[1, 1]]], array_values(array_unique(array_map(fn (Combination $its): array => $its->share, $first), SORT_REGULAR)));
        $this->assertGreaterThan(9, count($techniques));
        $this->assertLessThanOrEqual(Combinations::MOST, count($all));
    }

    public function test_pairs_can_be_told_apart_and_are_as_wide(): void
    {
        $pairs = fn (array $other): array => array_values(array_filter(
            $this->combinations([], [self::SAGE, $other])->all(),
            fn (Combination $its): bool => count($its->share) === 2,
        ));
        $this->assertNotSame([], $pairs(self::PLUM));
        $this->assertSame([], $pairs(['colour' => '#82997a'] + self::PLUM), 'too close in colour');
        $this->assertSame([], $pairs(['width' => '6 in'] + self::PLUM), 'not as wide');
    }

    public function test_what_there_is_none_of_and_none_may_be_bought_of_is_not_looked_at(): void
    {
        $none = ['onHand' => []] + self::SAGE;
        $this->assertSame([], $this->combinations([], [$none])->all());
        $this->assertNotSame([], $this->combinations(['buy' => 1], [$none])->all());
        $this->assertSame([], $this->combinations([], [self::STRIPE])->all());
        $this->assertSame([], $this->combinations([], [['colour' => 'nothing at all'] + self::SAGE])->all(), 'what cannot be read is left out');
    }

    public function test_layouts_that_a_form_has_no_room_for_are_left_out(): void
    {
        $layouts = fn (array $form): array => array_values(array_unique(array_map(
            fn (Combination $its): string => (string) $its->layout['layout'],
            $this->combinations(['buy' => 9], [self::SAGE], [['name' => 'It', 'form' => $form]])->all(),
        )));
        $this->assertContains('zigzag', $layouts([]));
        $this->assertNotContains('free', $layouts([]));
        $this->assertNotContains('as-it-came', $layouts([]));
        $this->assertContains('as-it-came', $layouts(['kind' => 'pre-tied-ring']));
        $this->assertNotContains('inner-mid-two-outer', $layouts(['kind' => 'stick']));
    }

    /**
     * @param  list<array{int, int}>  $share
     * @param  array<string, mixed>  $written  of the part
     */
    #[TestWith(['ruffle', [[0, 1]], ['material' => ['m0']]])]
    #[TestWith(['ruffle', [[0, 1], [1, 1]], ['material' => ['9 m0', '9 m1'], 'order' => 'by-count']])]
    #[TestWith(['ruffle', [[0, 2], [1, 1]], ['material' => ['12 m0', '6 m1'], 'order' => 'by-count']])]
    #[TestWith(['rolled-bundle', [[0, 1]], ['material' => ['m0: 4']]])]
    #[TestWith(['rolled-bundle', [[0, 2], [1, 1]], ['material' => ['m0: 3', 'm1: 1']]])]
    #[TestWith(['crossed-curled-ruffles', [[0, 1], [1, 1]], ['material' => ['m0', 'm1']]])]
    #[TestWith(['poof-run', [[0, 1], [1, 1]], ['material' => ['m0', 'm1']]])]
    public function test_materials_share_the_pieces_as_the_technique_takes_them(string $technique, array $share, array $written): void
    {
        $part = $this->drafted($technique, $share)->write()['parts'][0];
        foreach ($written as $key => $value) {
            $this->assertEquals(
                array_map(fn (string $its): string => preg_replace('/^(\d+) (\w+)$/', '$2: $1', $its) ?? $its, (array) $value),
                array_map(fn (string $its): string => preg_replace('/^(\d+) (\w+)$/', '$2: $1', $its) ?? $its, (array) $part[$key]),
            );
        }
    }

    public function test_what_may_be_bought_is_written_and_as_needed_where_it_is_asked_what_it_would_take(): void
    {
        $this->assertSame(0, $this->drafted('ruffle', [[0, 1]])->wound()[0]->rolls());
        $this->assertSame(2, $this->drafted('ruffle', [[0, 1]], ['buy' => 2])->wound()[0]->rolls());
        $drafts = $this->drafts(['buy' => 2]);
        $of = new Combination(0, 'ruffle', ['id' => 't1', 'layout' => 'flat'], [[0, 1]]);
        $this->assertNull($drafts->plan($of, asNeeded: true)->wound()[0]->rolls());
        $this->assertSame('21 1/8 in', $drafts->plan($of, Length::inches(21, 1, 8))->part('mesh')->on->slip->write()['length']);
        $this->assertSame(['mesh', 'ribbon-sets'], array_map(
            fn ($part): string => $part->id === 'mesh' ? 'mesh' : $part->kind->key(),
            $drafts->plan($of, ribbon: true)->parts,
        ));
        $this->assertSame('Ruffles of Sage', $drafts->plan($of)->name());
    }

    private function drafted(string $technique, array $share, array $wishes = []): Plan
    {
        return $this->drafts($wishes)->plan(new Combination(0, $technique, ['id' => 't1', 'layout' => 'inner-mid-two-outer'], $share));
    }

    private function drafts(array $wishes): Drafts
    {
        return new Drafts(
            Craft::standard(),
            $this->reader(),
            Wishes::read($wishes, Currency::UsDollar),
            Given::read(['materials' => [self::SAGE, self::PLUM, self::STRIPE], 'goods' => [['kind' => 'stems', 'onHand' => ['40']]]]),
        );
    }

    private function combinations(array $wishes, array $materials, array $forms = []): Combinations
    {
        return new Combinations(
            Craft::standard(),
            $this->reader(),
            Wishes::read($wishes, Currency::UsDollar),
            Given::read(['materials' => $materials, 'forms' => $forms]),
        );
    }
}
