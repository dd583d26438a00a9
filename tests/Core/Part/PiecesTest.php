<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Demand\Element;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Supply\Origin;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Techniques of cut pieces: what each takes, how large it gets, and what cannot be made so. */
final class PiecesTest extends PlanCase
{
    #[TestWith(['folded-ruffle', '360 in', 18])]
    #[TestWith(['overlapped-ruffle', '360 in', 18])]
    #[TestWith(['curled-ruffle', '360 in', 18])]
    #[TestWith(['crossed-curled-ruffles', '396 in', 18])]
    #[TestWith(['pancake', '540 in', 18])]
    #[TestWith(['second-across', '360 in', 18])]
    #[TestWith(['rolled-bundle', '648 in', 18])]
    #[TestWith(['diagonal-bundle', '576 in', 18])]
    #[TestWith(['starburst', '576 in', 18])]
    #[TestWith(['wrapped-strips', '288 in', 18])]
    #[TestWith(['gathered-drape', '432 in', 18])]
    #[TestWith(['strand-bunch', '2880 in', 18])]
    #[TestWith(['wound-cover', '108 in', 2])]
    public function test_on_18_ties_each_takes_what_its_rule_says(string $technique, string $takes, int $count): void
    {
        $layer = $this->work(['parts' => [['kind' => $technique]]])->parts[0];
        $this->assertSame([$takes, $count], [$layer->takes->shown, $layer->count->value]);
    }

    public function test_crossed_curled_ruffles_on_the_20_ties_of_a_stick_are_40_pieces(): void
    {
        $result = $this->work(
            [
                'form' => ['kind' => 'stick'],
                'materials' => [['label' => 'measured']],
                'parts' => [['kind' => 'crossed-curled-ruffles', 'length' => '11 in']],
            ],
        );
        $this->assertSame(
            [20, '440 in', ['40 x 11 in = 440 in']],
            [$result->parts[0]->count->value, $result->wound[0]->used->shown, $result->parts[0]->takes->because],
        );
    }

    public function test_a_crossed_pair_may_be_of_two_meshes(): void
    {
        $result = $this->work(
            [
                'materials' => [['id' => 'a', 'name' => 'Teal'], ['id' => 'b', 'name' => 'Gold']],
                'parts' => [['kind' => 'crossed-curled-ruffles', 'material' => ['a', 'b']]],
            ],
        );
        $this->assertSame(['198 in', '198 in'], [$result->wound[0]->used->shown, $result->wound[1]->used->shown]);
        $this->assertSame('crossed pair 7 of Teal and Gold', $result->ties[6]->carries[0]);
    }

    public function test_a_wound_cover_takes_54_in_a_pass(): void
    {
        $layer = $this->plan(
            [
                'parts' => [
                    [
                        'kind' => 'wound-cover',
                        'strip' => '5 in',
                        'overlap' => '1/3',
                        'girth' => '18 in',
                        'height' => '10 in',
                        'passes' => 1,
                    ],
                ],
            ],
        )->parts[0];
        $this->assertSame([54.0, []], [$layer->demand->cuts[0]->length->toInches(), $layer->demand->elements[0]->ties]);
        $this->assertSame('54 in', $layer->kind->words($layer->on)['pass']);
    }

    public function test_a_wound_cover_rounds_up_what_does_not_come_out_even(): void
    {
        $cut = $this->plan(
            ['parts' => [['kind' => 'wound-cover', 'strip' => '7 in', 'overlap' => 'none', 'girth' => '10 in', 'height' => '10 in']]],
        )->parts[0]->demand->cuts[0];
        // 100/7 in are 14.2857 in.
        $this->assertSame((int) ceil(100 / 7 * 4064), $cut->length->units);
        $this->assertSame('14 3/8 in', $this->plan()->units()->needed($cut->length));
    }

    public function test_wrapped_strips_are_closed_with_a_zip_tie_each_and_should_go_round(): void
    {
        $onNoStem = ['ties' => [['stem' => 'none']]];
        $result = $this->work($onNoStem + ['parts' => [['kind' => 'wrapped-strips', 'length' => '16 in']]]);
        $this->assertSame([18, []], [$this->used($result, 'zip-ties'), $this->rules($result->advice)]);
        // 3 in of wires are 7 in round, and 2 in overlap.
        $short = $this->work($onNoStem + ['parts' => [['kind' => 'wrapped-strips', 'length' => '8 7/8 in']]]);
        $this->assertSame(['too-short-round'], $this->rules($short->advice));
        $this->assertSame(['parts.l1.length' => '16 in'], $short->advice[0]->remedies[0]->edit->asData()['set']);
    }

    public function test_on_zip_ties_a_strip_takes_its_tie_and_no_other_and_no_stem(): void
    {
        $result = $this->work(['ties' => [['stem' => 'zip-tie']], 'parts' => [['kind' => 'wrapped-strips']]]);
        $this->assertSame([18, 0], [$this->used($result, 'zip-ties'), $this->used($result, 'stems')]);
    }

    public function test_a_bunch_off_a_hank_is_one_stretch_and_strand_by_strand_it_comes_from_pieces_too(): void
    {
        $bunch = fn (array $written): Result => $this->work(
            [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 1]],
                'materials' => [['kind' => 'strands', 'onHand' => ['60 x 20 in'], 'rolls' => 1, 'roll' => '12 in']],
                'parts' => [['kind' => 'strand-bunch', 'length' => '16 in', 'strands' => 10, ...$written]],
            ],
        );
        $this->assertFault('/parts/0/length', 'A bunch takes 160 in, and a roll of Natural raffia has 12 in', fn () => $bunch([]));
        $this->assertFault('/parts/0/length', 'A strand takes 16 in', fn () => $bunch(['drawn' => 'each']));
        $pieces = $this->work(
            [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 1]],
                'materials' => [['kind' => 'strands', 'onHand' => ['60 x 20 in']]],
                'parts' => [['kind' => 'strand-bunch', 'length' => '16 in', 'strands' => 10, 'drawn' => 'each']],
            ],
        );
        $this->assertSame(
            [60, 0, '960 in'],
            [count($pieces->wound[0]->plan->rolls), count($pieces->wound[0]->plan->from(Origin::New)), $pieces->wound[0]->used->shown],
        );
    }

    public function test_what_stands_on_a_tie_keeps_its_id_whatever_else_is_changed(): void
    {
        $ids = fn (array $part, array $before = []): array => array_column(
            array_map(
                fn (Element $element): array => [$element->ties[0], $element->id],
                $this->plan(
                    ['materials' => [[], ['id' => 'gold']], 'parts' => [...$before, ['id' => 'r', ...$part]]],
                )->parts[count($before)]->demand->elements,
            ),
            1,
            0,
        );
        foreach ([['length' => '12 in'], ['material' => 'gold'], ['kind' => 'pancake'], ['on' => 'ties 5 to 9'], ['on' => 'row 2'], ['on' => 'every 2nd tie']] as $part) {
            $this->assertSame('r.7', $ids($part)[7], json_encode($part));
        }
        $this->assertSame('r.7', $ids([], [['id' => 'other', 'kind' => 'rolled-bundle']])[7]);
        $this->assertSame('r.8', $ids(['kind' => 'poof-run', 'begin' => 2, 'on' => 'row 2'])[8]);
    }

    public function test_a_second_piece_wants_something_to_lie_across(): void
    {
        $alone = $this->work(['parts' => [['kind' => 'second-across', 'on' => 'row 1', 'length' => '12 in']]]);
        $this->assertContains('across', $this->rules($alone->advice));
        $this->assertSame([1, 2, 3, 4, 5, 6], $alone->advice[0]->ties);
        $over = $this->work(['parts' => [['length' => '14 in'], ['kind' => 'second-across', 'length' => '5 in']]]);
        $this->assertNotContains('across', $this->rules($over->advice));
        $this->assertSame(['ruffle 1 of Sage mesh', 'piece across 1 of Sage mesh'], $over->ties[0]->carries);
    }

    #[
        TestWith(
            [
                'curled-ruffle',
                ['length' => '12 in', 'turns' => 4, 'curl' => '1/2 in'],
                '/parts/0/turns',
                'the two ends take 12 5/8 in, and the piece has 12 in',
            ],
        ),
    ]
    #[TestWith(['crossed-curled-ruffles', ['turns' => 6, 'curl' => '1 in'], '/parts/0/turns', 'and the piece has 11 in'])]
    #[TestWith(['folded-ruffle', ['length' => '4 in', 'fold' => '2 in'], '/parts/0/fold', 'leave nothing of a piece of 4 in'])]
    #[TestWith(['overlapped-ruffle', ['length' => '8 in', 'overlap' => '5 in'], '/parts/0/overlap', 'more than half a piece of 8 in'])]
    #[
        TestWith(
            [
                'rolled-bundle',
                ['length' => '3 in', 'curl' => '1 in'],
                '/parts/0/curl',
                'does not go once round a tube 1 in across, which takes 3 1/4 in',
            ],
        ),
    ]
    #[TestWith(['diagonal-bundle', ['length' => '6 in', 'curl' => '2 in'], '/parts/0/curl', 'does not go once round'])]
    #[TestWith(['wound-cover', ['strip' => '11 in'], '/parts/0/strip', 'A strip 11 in wide does not come from mesh 10 in wide'])]
    #[
        TestWith(
            [
                'strand-bunch',
                ['strands' => 60, 'length' => '16 in'],
                '/parts/0/length',
                'A bunch takes 960 in, and a roll of Sage mesh has 360 in',
            ],
        ),
    ]
    #[TestWith(['rolled-bundle', ['material' => ['m1: 0']], '/parts/0/material', 'each takes 1 to 8 pieces, and none is named'])]
    #[TestWith(['rolled-bundle', ['material' => ['m1: 9']], '/parts/0/material', 'each takes 1 to 8 pieces, and 9 are named'])]
    #[TestWith(['crossed-curled-ruffles', ['material' => ['m1', 'm1', 'm1']], '/parts/0/material', 'each takes 2 pieces, and 3 are named'])]
    #[TestWith(['ruffle', ['material' => ['m1', 'm1']], '/parts/0/material', 'each takes 1 piece, and 2 are named'])]
    #[TestWith(['rolled-bundle', ['material' => ['m1: some']], '/parts/0/material', 'not a whole number'])]
    #[TestWith(['rolled-bundle', ['material' => ['gold: 2']], '/parts/0/material', '"gold: 2" is not one of them'])]
    public function test_what_cannot_be_made_is_refused_at_its_blank(string $technique, array $written, string $pointer, string $says): void
    {
        $this->assertFault($pointer, $says, fn () => $this->plan(['parts' => [['kind' => $technique, ...$written]]]));
    }

    /**
     * @param  list<Advice>  $advice
     * @return list<string>
     */
    private function rules(array $advice): array
    {
        return array_values(
            array_diff(
                array_map(fn (Advice $item): string => $item->rule, $advice),
                ['thin', 'very-full', 'at-risk', 'every-inch', 'little-of-a-roll'],
            ),
        );
    }
}
