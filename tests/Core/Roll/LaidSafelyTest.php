<?php

declare(strict_types=1);

namespace Tests\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** Of plans that buy and open the same, one that holds should every roll come as short as it may comes first. */
final class LaidSafelyTest extends PlanCase
{
    use RandomTrials;

    public function test_a_roll_by_its_label_is_not_filled_to_its_last_inch_while_another_has_room(): void
    {
        $sevenPieces = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %', 'rolls' => 2]],
            'parts' => [['length' => '30 in', 'on' => 'ties 1 to 7']],
        ])->wound[0];
        // Six on the first would leave 150 in on the second, but only 162 in of each is safe.
        $this->assertSame([[150.0, 60.0], [30.0, 120.0]], [$this->usedOf($sevenPieces->plan), $this->leftOf($sevenPieces->plan)]);
        $this->assertSame(['fits', '12 in safe to spare'], [$sevenPieces->verdict->words(), $sevenPieces->slackWords()]);
        $this->assertTrue($sevenPieces->plan->isProvenBest());
    }

    public function test_a_run_goes_on_to_the_next_roll_before_it_is_unsure(): void
    {
        $run = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '11 in']],
        ])->wound[0];
        $this->assertSame([158.0, 48.0], $this->usedOf($run->plan));
        $this->assertContains(
            'one poof more would need 169 in, and no more than 162 in is sure: cut at tie 15, and begin roll 2 there',
            $run->used->because,
        );
    }

    public function test_it_opens_no_roll_more_for_it_and_says_that_one_is_in_reserve(): void
    {
        // Nine of 18 in fill 162 in, ten the whole roll: two rolls at nominal, three at safe length.
        $twenty = $this->work([
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %', 'rolls' => 3]],
            'parts' => [['length' => '18 in', 'on' => 'ties 1 to 20']],
        ])->wound[0];
        $this->assertSame([180.0, 180.0], $this->usedOf($twenty->plan));
        $this->assertSame(
            ['fits', '0 in safe to spare', '2 full rolls opened, 2 to buy, 3 at hand, 3 needed'],
            [$twenty->verdict->words(), $twenty->slackWords(), $twenty->rollWords()],
        );
        $this->assertContains(
            'should the rolls come as short as they may, it takes 3 rolls instead of 2, and so many are at hand',
            $twenty->slack->because,
        );
    }

    public function test_what_is_missing_is_no_slack(): void
    {
        $short = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %', 'rolls' => 2]],
            'parts' => [['length' => '21 in']],
        ])->wound[0];
        $this->assertSame(['short', '42 in missing'], [$short->verdict->words(), $short->slackWords()]);
        $run = $this->work(['materials' => [['rolls' => 0]], 'parts' => [['kind' => 'poof-run', 'pitch' => '9 in']]])->wound[0];
        $this->assertSame(['short', '162 in missing'], [$run->verdict->words(), $run->slackWords()]);
    }

    public function test_next_to_trying_every_way_of_cutting(): void
    {
        $this->limitTo($this->trials(150))->forAll(
            Generators::seq(Generators::choose(10, 45)),
            Generators::choose(1, 3),
            Generators::seq(Generators::choose(15, 70)),
        )->then(function (array $pieces, int $new, array $parts): void {
            [$pieces, $parts] = [array_slice($pieces, 0, 6), array_slice($parts, 0, 2)];
            $stock = [
                ...array_map(fn (int $inches): Stock => $this->stock(Origin::Part, $inches, $inches, 1, 0), $parts),
                $this->stock(Origin::New, 80, 70, $new, 650),
            ];
            $cuts = array_map(
                fn (int $index, int $length): Cut => new Cut(new Element("p.$index", 'p', $index, [$index]), 'm', Length::inches($length)),
                array_keys($pieces),
                $pieces,
            );
            $plan = (new RollPlanner)->plan([], $cuts, ['m' => new Supply($stock, false, true, Length::inches(6))])['m'];
            [$unmet, $cents, $opened, $longest] = $plan->objective();
            $this->assertSame(
                $this->best($pieces, [
                    ...array_map(fn (int $inches): array => [$inches, $inches, 0], $parts),
                    ...array_fill(0, $new, [80, 70, 1]),
                ]),
                [$unmet, $opened, $plan->isSafeAsLaid() ? 0 : 1, intdiv($longest, Length::inches(1)->units)],
            );
            $this->assertSame($opened * 650, $cents);
        });
    }

    /**
     * @param  list<int>  $pieces
     * @param  list<array{int, int, int}>  $rolls  nominal, safe, and whether it is opened
     * @return list<int> pieces unmet, rolls opened, whether it is not safe as laid, minus the longest leftover on an open roll
     */
    private function best(array $pieces, array $rolls): array
    {
        $best = null;
        $try = function (int $at, array $used, int $unmet) use (&$try, &$best, $pieces, $rolls): void {
            if ($at < count($pieces)) {
                foreach ($used as $roll => $length) {
                    if ($length + $pieces[$at] <= $rolls[$roll][0]) {
                        $try($at + 1, array_replace($used, [$roll => $length + $pieces[$at]]), $unmet);
                    }
                }
                $try($at + 1, $used, $unmet + 1);

                return;
            }
            [$opened, $unsafe, $longest] = [0, 0, 0];
            foreach ($used as $roll => $length) {
                $opened += $length > 0 ? $rolls[$roll][2] : 0;
                $unsafe = max($unsafe, (int) ($length > $rolls[$roll][1]));
                $longest = $length > 0 || $rolls[$roll][2] === 0 ? max($longest, $rolls[$roll][0] - $length) : $longest;
            }
            $merit = [$unmet, $opened, $unsafe, -$longest];
            $best = $best === null || $merit < $best ? $merit : $best;
        };
        $try(0, array_fill(0, count($rolls), 0), 0);

        return $best;
    }

    private function stock(Origin $origin, int $nominal, int $safe, int $count, int $cents): Stock
    {
        return new Stock($origin, Length::inches($nominal), Length::inches($safe), $count, $cents);
    }

    /** @return list<float> */
    private function usedOf(RollPlan $plan): array
    {
        return array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan->rolls);
    }

    /** @return list<float> */
    private function leftOf(RollPlan $plan): array
    {
        return array_map(fn (RollUse $roll): float => $roll->left()->toInches(), $plan->rolls);
    }
}
