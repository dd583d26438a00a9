<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Advice\BehindTheSign;
use Davrin\Core\Advice\HangsWell;
use Davrin\Core\Advice\InEachOthersWay;
use Davrin\Core\Advice\SetsBehindTheSign;
use Davrin\Core\Advice\SignFits;
use Davrin\Core\Advice\TiesAreMissed;
use Davrin\Core\Check\BeforeCutting;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Element;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Tie;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Signs, extras, finishing and steps of one's own: what makes a wreath of mesh a whole piece. */
final class WholePieceTest extends PlanCase
{
    private const SIGN = ['id' => 'sign', 'kind' => 'sign'];

    public function test_a_sign_covers_the_ties_whose_own_point_lies_behind_it(): void
    {
        $this->assertSame([2, 5], $this->covered([]), 'at 3 and at 9 o\'clock');
        $this->assertSame([], $this->covered(['width' => '9 in']), 'a tie on its edge is seen');
        $this->assertSame([2, 5], $this->covered(['width' => '9 1/8 in']));
        $this->assertSame([2, 5], $this->covered(['shape' => 'oval']));
        $this->assertSame([1, 4], $this->covered(['turned' => -60]), 'turned on its side it covers others');
        $this->assertSame([2, 9, 10], $this->covered(['at' => '5 in at 90 degrees', 'width' => '6 in']));
    }

    /** The corners of an arch and of an outline of its own are not there. */
    #[TestWith(['arch', 0])]
    #[TestWith(['rectangle', 2])]
    public function test_what_is_cut_away_of_a_sign_covers_nothing(string $shape, int $covered): void
    {
        // Two ties near the upper corners of a board 10 in wide and 10 in high.
        $plan = $this->plan([
            'ties' => [['layout' => 'free', 'spots' => ['1-2: 5 1/4 in', '1-2: 35 5/8 in']]],
            'parts' => [self::SIGN + ['shape' => $shape, 'height' => '10 in']],
        ]);
        $this->assertCount($covered, $this->behind($plan->part('sign')));
    }

    public function test_doubled_stems_of_a_sign_are_pooled_with_halves_and_wholes(): void
    {
        $result = $this->work([
            'ties' => [
                ['layout' => 'n-a-section', 'perSection' => 4, 'stem' => 'half'],
                ['layout' => 'free', 'spots' => array_map(fn (int $at): string => "1: $at in", range(1, 10))],
            ],
            'parts' => [['on' => 'every tie'], self::SIGN],
        ]);
        $this->assertSame([26, '2 packs'], [$result->goodsOf('stems')?->pieces, $result->goodsOf('stems')?->bought->shown]);
        $this->assertContains(
            '2 fixings of the sign, each two stems twisted into a long one',
            $result->goodsOf('stems')->count->because,
        );
    }

    public function test_ties_behind_a_sign_can_stay_bare_by_one_click_that_says_what_it_saves(): void
    {
        $result = $this->work(['parts' => [[], self::SIGN]]);
        $advice = $this->advice($result, BehindTheSign::RULE);
        $this->assertSame('The ruffles on ties 2 and 5 lie behind the sign, where nobody sees them.', $advice->sentence);
        $this->assertStringContainsString('uses 304 in, leaves 56 in', $advice->remedies[0]->effect);
        $on = $advice->remedies[0]->edit->asData()['set']['parts.l1.on'];
        $this->assertSame('ties 1, 3, 4 and 6 to 18', $on);
        $bare = $this->work(['parts' => [['on' => $on], self::SIGN]]);
        $this->assertSame([], array_intersect([BehindTheSign::RULE, TiesAreMissed::RULE], array_column($bare->advice, 'rule')));
        $this->assertSame(['16 of 18', ['ties 2 and 5 lie behind the sign']], [$bare->tally->used->shown, $bare->tally->used->because]);
    }

    public function test_a_missing_piece_and_a_seam_are_moved_behind_the_sign_by_one_click(): void
    {
        $short = $this->work([
            'materials' => [['label' => 'measured', 'rolls' => 1]],
            'parts' => [['length' => '20 1/2 in'], self::SIGN],
        ]);
        $labels = array_column($this->advice($short, 'short')->remedies, 'label');
        $this->assertContains('Leave tie 5 bare, behind the sign', $labels);

        $seam = $this->work([
            'materials' => [['id' => 'a'], ['id' => 'b', 'name' => 'B'], ['id' => 'c', 'name' => 'C'], ['id' => 'd', 'name' => 'D'], ['id' => 'e', 'name' => 'E']],
            'parts' => [
                ['id' => 'l1', 'on' => 'row 1', 'material' => ['a', 'b', 'c', 'd', 'e'], 'order' => 'in-turn'],
                self::SIGN + ['at' => '4 in at 0 degrees', 'width' => '8 in', 'height' => '4 in'],
            ],
        ]);
        // Ties 6 and 1 are to the left and right of 12 o'clock, behind the sign already.
        $this->assertNotContains('seam', array_column($seam->advice, 'rule'));
    }

    public function test_a_seam_that_is_seen_goes_behind_the_sign_when_the_count_begins_there(): void
    {
        $result = $this->work([
            'materials' => [['id' => 'a'], ['id' => 'b', 'name' => 'B'], ['id' => 'c', 'name' => 'C'], ['id' => 'd', 'name' => 'D'], ['id' => 'e', 'name' => 'E']],
            'parts' => [
                ['id' => 'l1', 'on' => 'row 1', 'material' => ['a', 'b', 'c', 'd', 'e'], 'order' => 'in-turn'],
                self::SIGN + ['at' => '4 in at 180 degrees', 'width' => '8 in', 'height' => '4 in'],
            ],
        ]);
        $remedy = $this->advice($result, 'seam')->remedies[0];
        $this->assertStringContainsString('so that its ends meet behind the sign', $remedy->label);
        $this->assertContains($remedy->edit->asData()['set']['form.startAt'], ['3', '4', '5']);
    }

    public function test_doubles_of_two_lots_go_behind_the_sign_by_one_click(): void
    {
        $of = fn (array $part): array => [
            'materials' => [['id' => 'a', 'name' => 'Sage, lot A'], ['id' => 'b', 'name' => 'Sage, lot B']],
            'parts' => [
                $part + ['id' => 'l1', 'on' => 'row 2', 'material' => ['a: 7', 'b: 5'], 'order' => 'alternating'],
                self::SIGN + ['at' => '6 in at 0 degrees', 'width' => '11 in', 'height' => '4 in'],
            ],
        ];
        $plan = $this->plan($of([]));
        $doubles = $this->advice($this->workedOut($plan), 'alike');
        $this->assertStringContainsString('low down where it is least seen', $doubles->sentence);
        $remedy = $doubles->remedies[0];
        $this->assertStringStartsWith('Turn the order of ties 7 to 18, so that they lie behind the sign', $remedy->label);

        $turned = $this->workedOut($remedy->edit->apply($plan, $this->reader()));
        $this->assertNotContains('alike', array_column($turned->advice, 'rule'));
        $meshes = array_map(fn ($element): string => $element->materials[0], $turned->parts[0]->elements);
        $this->assertEquals(['a' => 7, 'b' => 5], array_count_values($meshes));
    }

    public function test_a_swag_with_a_long_sign_and_bows_on_its_stems(): void
    {
        $swag = fn (string $on): array => [
            'form' => ['kind' => 'loop', 'round' => '96 in'],
            'ties' => [['layout' => 'every-so-far', 'every' => '6 in']],
            'materials' => [['id' => 'm1'], ...array_map(fn (string $id): array => ['id' => $id, 'kind' => 'ribbon', 'name' => $id], ['a', 'b', 'c'])],
            'parts' => [
                ['id' => 'l1', 'kind' => 'rolled-bundle', 'material' => ['m1: 3'], 'length' => '10 in', 'on' => $on],
                self::SIGN + ['width' => '40 in', 'height' => '5 in', 'turned' => 90, 'fixings' => 4],
                ['id' => 'bows', 'kind' => 'gathered-bow', 'material' => ['a', 'b', 'c'], 'strip' => '20 in', 'onPart' => 'sign', 'many' => 2, 'holds' => 'tie'],
            ],
        ];
        $whole = $this->work($swag('every tie'));
        $this->assertSame('16 of 16', $whole->tally->used->shown);
        $this->assertSame(16 + 8, $whole->goodsOf('stems')?->pieces, 'four fixings, each a doubled stem');
        $this->assertSame('120 in', $whole->parts[2]->takes->shown, 'two bows of three strips of 20 in');
        $this->assertSame(
            'Tie 7 carries nothing.',
            $this->advice($this->work($swag('ties 1 to 6 and 8 to 16')), TiesAreMissed::RULE)->sentence,
        );
        // Without the sign the bows go where bows usually are.
        $plan = $this->plan($swag('every tie'));
        $after = (new RemovePart('sign'))->apply($plan, $this->reader());
        $this->assertSame('form', $after->part('bows')->on->slip->text('onPart'));
        $this->assertNotSame([], (new RemovePart('sign'))->lost($plan, $after));
    }

    public function test_sections_behind_a_sign_at_the_side_are_left_bare_and_not_counted(): void
    {
        $all = $this->work(['parts' => [[]]]);
        $some = $this->work(['parts' => [
            ['on' => 'sections 1 to 4'],
            self::SIGN + ['at' => '5 in at 300 degrees', 'width' => '8 in', 'height' => '10 in', 'turned' => 30],
        ]]);
        $this->assertCount(12, $some->parts[0]->elements);
        $this->assertSame($all->tally->fullness->value, $some->tally->fullness->value, 'four sections are as full as all six');
    }

    public function test_extras_are_turned_away_from_all_ties(): void
    {
        $plan = $this->plan(['parts' => [[], ['kind' => 'picks']]]);
        $angle = fn (float $x, float $y): float => fmod(rad2deg(atan2($x, -$y)) + 360.0, 360.0);
        $picks = array_map(fn (Element $pick): float => $angle($pick->place->x, $pick->place->y), $plan->parts[1]->demand->elements);
        foreach ($picks as $index => $pick) {
            $this->assertEqualsWithDelta(72.0, fmod($picks[($index + 1) % 5] - $pick + 360.0, 360.0), 1e-6);
            foreach ($plan->ties->all() as $tie) {
                $off = abs($pick - $angle($tie->place->x, $tie->place->y));
                $this->assertGreaterThanOrEqual(2.3, min($off, 360.0 - $off), "tie $tie->number");
            }
        }
        $sentence = Recipe::of($plan, $this->figures($plan))->parts[1]->text();
        $this->assertStringContainsString('72 degrees apart, the first 3.6 degrees from where the count begins, and each at least 2.3', $sentence);
    }

    public function test_extras_keep_clear_of_a_bow_and_go_where_they_are_put_by_hand(): void
    {
        $ribbon = [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon']];
        $bow = ['kind' => 'looped-bow', 'material' => 'r', 'loop' => '3 in', 'tails' => ['6 in']];
        $clear = $this->plan(['materials' => $ribbon, 'parts' => [['material' => 'm1'], $bow, ['kind' => 'picks', 'spots' => 3]]]);
        foreach ($clear->parts[2]->room() as $pick) {
            $this->assertSame([], array_filter($clear->parts[1]->room(), fn ($room): bool => $room->overlaps($pick)));
        }
        $moved = $this->plan(['parts' => [[], ['kind' => 'picks', 'moved' => ['2 to 5 in at 120 degrees']]]]);
        $this->assertEqualsWithDelta(5.0, $moved->parts[1]->demand->elements[1]->place?->point()->length(), 1e-6);
        $this->assertSame(['2 to 5 in at 120 degrees'], $moved->parts[1]->on->slip->write()['moved']);
    }

    public function test_picks_are_taken_apart_and_weak_stems_doubled(): void
    {
        $result = $this->work(['parts' => [[], ['kind' => 'picks', 'spots' => 7, 'each' => 3, 'stem' => 'weak']]]);
        $this->assertSame([3, 7, 1], array_map(fn (string $kind): ?int => $result->goodsOf($kind)?->pieces, ['pick', 'wire', 'glue']));
        $this->assertSame(
            ['Take 3 picks apart into 7 pick stems.', 'Double the stems of 7 pick stems with 6 in of 12-gauge wire each, and wind tape over it.'],
            array_slice(array_column($this->steps($result, 'l2'), 'does'), 0, 2),
        );
    }

    public function test_an_even_number_of_extras_is_told(): void
    {
        $advice = $this->advice($this->work(['parts' => [[], ['kind' => 'bells', 'spots' => 4]]]), 'even-number');
        $this->assertSame(['Take 5 bells', 'Take 3 bells'], array_column($advice->remedies, 'label'));
    }

    public function test_what_lies_over_the_words_or_on_another_is_told_and_moved_by_a_click(): void
    {
        $parts = [[], self::SIGN, ['id' => 'bow', 'kind' => 'looped-bow', 'at' => 'middle', 'material' => 'r']];
        $materials = [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon']];
        $parts[0] = ['material' => 'm1'];
        $result = $this->work(['materials' => $materials, 'parts' => $parts]);
        $advice = $this->advice($result, InEachOthersWay::WORDS);
        $this->assertSame('The bow lies over the words of the sign.', $advice->sentence);
        $this->assertContains('Put it at the bottom', array_map(fn (Remedy $remedy): string => $remedy->label, $advice->remedies));
        $parts[2]['at'] = 'bottom';
        $this->assertNotContains(InEachOthersWay::WORDS, array_column($this->work(['materials' => $materials, 'parts' => $parts])->advice, 'rule'));

        $two = $this->work(['parts' => [[], self::SIGN, ['id' => 'other', 'at' => '2 in at 90 degrees'] + self::SIGN]]);
        $this->assertSame('The sign lies over the words of the other sign.', $this->advice($two, InEachOthersWay::WORDS)->sentence);

        $crowded = $this->work(['parts' => [[], ['kind' => 'flowers', 'spots' => 31, 'pair' => '3-4']]]);
        $this->assertStringEndsWith('on each other.', $this->advice($crowded, InEachOthersWay::EACH_OTHER)->sentence);
        // Flowers may lie on leaves.
        $leaves = $this->work(['parts' => [[], ['kind' => 'greenery', 'spots' => 9], ['kind' => 'flowers', 'spots' => 9]]]);
        $this->assertNotContains(InEachOthersWay::EACH_OTHER, array_column($leaves->advice, 'rule'));
    }

    public function test_a_sign_is_held_against_the_piece_and_its_opening(): void
    {
        $large = $this->advice($this->work(['parts' => [['length' => '12 in'], self::SIGN + ['width' => '26 in']]]), SignFits::LARGE);
        $this->assertStringContainsString('The sign is 26 in wide, and the finished piece is about 23 in', $large->sentence);
        $small = $this->work(['parts' => [self::SIGN + ['width' => '4 in', 'height' => '4 in']]]);
        $sunk = $this->advice($small, SignFits::SUNK);
        $this->assertSame('Let it hang in the opening', $sunk->remedies[0]->label);
        $hung = $sunk->remedies[0]->edit->asData()['set'];
        $board = $this->plan(['parts' => [self::SIGN + [
            'width' => '4 in', 'height' => '4 in', 'at' => $hung['parts.sign.at'], 'drop' => $hung['parts.sign.drop'],
        ]]])->part('sign')->room()[0];
        $this->assertEqualsWithDelta(0.0, $board->middle->y, 1e-6, 'it hangs in the middle of the opening');
        $heavy = $this->work(['materials' => [['id' => 'm1'], ['id' => 's', 'kind' => 'sign', 'weighs' => '300 g']], 'parts' => [[], self::SIGN]]);
        $this->assertSame(['Lay a cushion of scraps under it'], array_column($this->advice($heavy, SignFits::HEAVY)->remedies, 'label'));
    }

    public function test_ribbon_by_eye_behind_a_sign_is_told_and_turned_clear_of_it(): void
    {
        $sets = fn (string $first): Result => $this->work([
            'materials' => [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon', 'colour' => '#223355']],
            'parts' => [
                ['material' => 'm1'],
                ['id' => 'sets', 'kind' => 'ribbon-sets', 'material' => 'r', 'spots' => 3, 'pair' => '3-4', 'first' => $first],
                self::SIGN + ['at' => '4 in at 90 degrees', 'width' => '4 in', 'height' => '6 in'],
            ],
        ]);
        // 4 1/2 in from the middle, a quarter of the way round.
        $advice = $this->advice($sets('7 in'), SetsBehindTheSign::RULE);
        $this->assertSame('Ribbon set 1 lies behind the sign, where nobody sees it.', $advice->sentence);
        $first = $advice->remedies[0]->edit->asData()['set']['parts.sets.first'];
        $this->assertNotContains(SetsBehindTheSign::RULE, array_column($sets($first)->advice, 'rule'));
    }

    public function test_weight_is_what_is_known_and_names_what_is_not(): void
    {
        $whole = [
            'form' => ['weighs' => '180 g'],
            'materials' => [['id' => 'm1', 'weighs' => '10.8 g a square foot'], ['id' => 's', 'kind' => 'sign', 'weighs' => '240 g']],
            'parts' => [['length' => '19 in'], self::SIGN + ['fixings' => 0]],
        ];
        $weight = $this->work($whole)->tally->weight;
        $this->assertSame([677, 'about 677 g'], [$weight->value, $weight->shown]);
        $this->assertContains('Sage mesh: 342 in x 10 in wide at 10.8 g a square foot = 256.5 g', $weight->because);
        $this->assertSame('without stems, which nobody weighed', $weight->because[count($weight->because) - 1]);
        $this->assertSame('weight not known', $this->work(['parts' => [[]]])->tally->weight->shown);
        // A square metre is 10.7639 square feet.
        $metric = array_replace_recursive($whole, ['materials' => [['weighs' => '116.26 g/m2']], 'settings' => ['units' => 'centimetres']]);
        $this->assertSame(677, $this->work($metric)->tally->weight->value);
    }

    public function test_a_piece_is_held_against_its_hook_its_level_and_the_glass(): void
    {
        $heavy = fn (string $at, string $hook): Result => $this->work([
            'form' => ['weighs' => '180 g'],
            'materials' => [['id' => 'm1', 'weighs' => '10.8 g a square foot'], ['id' => 's', 'kind' => 'sign', 'weighs' => '240 g']],
            'parts' => [[], self::SIGN + ['at' => $at, 'width' => '6 in']],
            'finish' => ['hook' => $hook, 'seen' => 'glass'],
        ]);
        $result = $heavy('5 in at 90 degrees', '500 g');
        $this->assertStringContainsString('677 g without', $this->advice($result, HangsWell::HEAVY)->sentence);
        // 240 of 676.5 g lie 5 in to the right, 7 in below the hook: atan(1.774 / 7).
        $this->assertStringContainsString('about 14 degrees out of level: its right side', $this->advice($result, HangsWell::ASKEW)->sentence);
        $this->assertSame(['Cover it with felt', 'Cover it with a board'], array_column($this->advice($result, HangsWell::SEEN)->remedies, 'label'));
        $level = $heavy('middle', '700 g');
        $this->assertSame([], array_intersect([HangsWell::HEAVY, HangsWell::ASKEW], array_column($level->advice, 'rule')));
    }

    public function test_the_order_of_work_keeps_what_must_come_first(): void
    {
        $result = $this->work([
            'materials' => [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon']],
            'ties' => [['layout' => 'flat']],
            'parts' => [
                ['id' => 'flat', 'kind' => 'pancake', 'material' => 'm1', 'length' => '20 in'],
                ['id' => 'tails', 'kind' => 'ribbon-tails', 'material' => 'r'],
                ['id' => 'bow', 'kind' => 'looped-bow', 'material' => 'r'],
                ['id' => 'picks', 'kind' => 'picks'],
                ['id' => 'bells', 'kind' => 'bells'],
                self::SIGN,
                ['id' => 'paint', 'kind' => 'own-step', 'does' => 'Paint the board', 'caution' => 'paint'],
            ],
        ]);
        $keys = array_column($result->build, 'key');
        $place = fn (string $key): int => (int) array_search($key, $keys, true);
        foreach ([
            ['parts.flat.row0', 'parts.tails.row0'], ['parts.tails.row0', 'parts.flat'], ['parts.flat', 'fluffing'], ['fluffing', 'parts.tails'],
            ['parts.paint', 'fix.sign'], ['fix.sign', 'set.sign'], ['set.sign', 'parts.sign'], ['parts.sign', 'hold.bow'], ['hold.bow', 'parts.bow'],
            ['layout.picks', 'parts.picks'], ['layout.bells', 'parts.picks'], ['parts.bells', 'hanger'], ['hanger', 'back'],
        ] as [$first, $then]) {
            $this->assertContains($first, $keys);
            $this->assertLessThan($place($then), $place($first), "$first before $then");
        }
        foreach ($result->build as $step) {
            foreach ($step->after as $before) {
                $this->assertLessThan($place($step->key), $place($before), "$before before $step->key");
            }
        }
        $this->assertContains(Caution::Paint, $this->steps($result, 'paint')[0]->cautions);
        $this->assertCount(6, $result->build[$place('parts.flat')]->elements, 'the inner row alone');
    }

    public function test_steps_of_ones_own_take_pieces_lengths_and_minutes(): void
    {
        $result = $this->work(['parts' => [
            [], ['kind' => 'own-pieces', 'pieces' => 4, 'minutes' => 7], ['kind' => 'own-length', 'pieces' => 2, 'length' => '9 in', 'minutes' => 0],
        ]]);
        $this->assertSame(4, $result->goodsOf('other')?->pieces);
        $this->assertSame('360 in', $result->wound[0]->used->shown, '342 in and 18 in');
        $this->assertStringContainsString('sign 7.0', $result->tally->minutes->because[0]);
        $this->assertSame('18 ruffles', $result->parts[0]->count->shown);
    }

    public function test_finishing_takes_what_it_says_and_keeps_its_place_on_another_form(): void
    {
        $result = $this->work(['parts' => [[]], 'finish' => ['hanger' => 'stem', 'back' => 'felt', 'caps' => 2]]);
        $this->assertSame([19, 1, 2, 1], array_map(fn (string $kind): ?int => $result->goodsOf($kind)?->pieces, ['stems', 'felt', 'cap', 'glue']));
        $this->assertSame('top', $this->plan(['form' => ['kind' => 'heart']])->write()['finish']['hangAt']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'larger than any piece on the form' => [self::SIGN + ['width' => '40 in'], '/parts/1/width', 'no piece on this form is larger than 32 in'];
        yield 'beside the piece' => [self::SIGN + ['width' => '2 in', 'height' => '2 in', 'at' => '14 in at 90 degrees'], '/parts/1/at', 'beside the piece'];
        yield 'an angle beyond a turn' => [self::SIGN + ['at' => '5 in at 400 degrees'], '/parts/1/at', '360 degrees'];
        yield 'turned beyond half a turn' => [self::SIGN + ['turned' => 200], '/parts/1/turned', '-180 and 180'];
        yield '500 picks' => [['kind' => 'picks', 'spots' => 500], '/parts/1/spots', '1 and 60'];
        yield 'a pick that is not there' => [['kind' => 'picks', 'moved' => ['9 to middle']], '/parts/1/moved', 'There is no number 9'];
        yield 'a first beyond the row' => [['kind' => 'picks', 'first' => '100 in'], '/parts/1/first', 'Write less'];
        yield 'a bow on stems that are not there' => [['kind' => 'looped-bow', 'onPart' => 'sign'], '/parts/1/onPart', 'form'];
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_blank(array $part, string $pointer, string $sentence): void
    {
        $this->assertFault($pointer, $sentence, fn () => $this->plan(['parts' => [[], $part]]));
    }

    #[TestWith(['-5 g'])]
    #[TestWith(['10 g'])]
    public function test_a_weight_below_nothing_or_of_no_area_is_refused(string $weighs): void
    {
        $this->assertFault('/materials/0/weighs', $weighs, fn () => $this->plan(['materials' => [['weighs' => $weighs]]]));
    }

    public function test_before_cutting_every_mishap_has_its_question_and_nothing_is_left_untold(): void
    {
        $plan = $this->plan(['parts' => [['length' => '24 in', 'on' => 'ties 1 to 17'], self::SIGN]]);
        $result = $this->work($plan->write());
        $check = BeforeCutting::of($plan, $result);
        $this->assertCount($check->count(), $result->advice);
        $found = [];
        foreach ($check->answers as $answer) {
            $found[$answer->asked] = array_column($answer->found, 'rule');
        }
        $this->assertSame([TiesAreMissed::RULE], $found['Does every tie carry something?']);
        $this->assertContains(BehindTheSign::RULE, $found['Does the sign fit?']);
        $this->assertSame([], $found['Is there anything else?']);
        // What a plan has nothing of is not asked about.
        $this->assertArrayNotHasKey('Has every bow its stem?', $found);
        $this->assertSame(0, BeforeCutting::of($this->plan(['parts' => []]), $this->work(['parts' => []]))->count());
    }

    public function test_a_bow_without_a_stem_is_given_one(): void
    {
        $bow = fn (string $at): Result => $this->work([
            'materials' => [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [['material' => 'm1'], ['kind' => 'looped-bow', 'material' => 'r', 'holds' => 'tie', 'at' => $at]],
        ]);
        $this->assertSame(['Give it a stem of its own'], array_column($this->advice($bow('middle'), 'bow-stem')->remedies, 'label'));
        $this->assertNotContains('bow-stem', array_column($bow('6 1/2 in at 13 degrees')->advice, 'rule'));
    }

    /**
     * @param  array<string, mixed>  $sign
     * @return list<int>
     */
    private function covered(array $sign): array
    {
        return $this->behind($this->plan(['parts' => [[], $sign + self::SIGN]])->part('sign'));
    }

    /** @return list<int> */
    private function behind(Part $sign): array
    {
        $board = $sign->kind instanceof HidesWhatIsBehind ? $sign->kind->board($sign->on) : $this->fail('no sign');

        return array_values(array_map(
            fn (Tie $tie): int => $tie->number,
            array_filter($sign->on->there->ties->all(), fn (Tie $tie): bool => $board->holds($tie->place->point())),
        ));
    }

    private function advice(Result $result, string $rule): Advice
    {
        $found = array_values(array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === $rule));

        return $found[0] ?? $this->fail("nothing is told of $rule");
    }

    /** @return list<BuildStep> of one part */
    private function steps(Result $result, string $part): array
    {
        return array_values(array_filter($result->build, fn (BuildStep $step): bool => str_ends_with($step->key, ".$part")));
    }
}
