<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\FinalCheck;
use Davrin\Core\Bench\FinalLook;
use Davrin\Core\Bench\SectionCount;
use Davrin\Core\Bench\Troubles;
use Davrin\Core\Bench\Unit;

final class OtherTroubleTest extends BenchCase
{
    /** 60 poofs, ten in each of six sections. */
    private function sixty(): array
    {
        return [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 10, 'stem' => 'third']],
            'materials' => [['width' => '6 in', 'label' => 'measured']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '8 in']],
        ];
    }

    public function test_a_section_that_is_one_short_gets_one_from_its_neighbour_and_the_count_is_right_afterwards(): void
    {
        $now = $this->begun($this->sixty());
        $way = $this->ways($now, 'one-short', ['section' => 'no-4', 'has' => '9', 'other' => 'no-3', 'others' => '11'])['move'];
        $this->assertSame('Move one over from section 3', $way->label);
        $this->assertSame(['Section 4 has 10 poofs then, and section 3 has 10.'], $way->effects);
        $count = SectionCount::of($way->then->first(), $way->then->first()->plan->part('l1'));
        $this->assertSame([10, 10], [$count->in(3), $count->in(4)]);
    }

    public function test_where_the_plan_itself_has_one_less_there_it_counts_for_the_other_section_from_then_on(): void
    {
        $document = $this->everyday();
        $document['parts'] = [['on' => 'ties 1 to 9, 11 to 18', 'length' => '19 in']];
        $now = $this->begun($document);
        $count = fn ($piece): array => array_map(count(...), SectionCount::of($piece, $piece->plan->part('l1'))->all);
        $before = $count($now->first());
        $short = array_search(2, $before, true);
        $way = $this->ways($now, 'one-short', [
            'section' => "no-$short", 'has' => '2', 'other' => 'no-'.($short + 1), 'others' => '4',
        ])['move'];
        $this->assertSame([3, 2], [$count($way->then->first())[$short], $count($way->then->first())[$short + 1]]);
        $moved = array_filter($this->walk($way->then)->units, fn (Unit $unit): bool => isset($way->then->first()->moved[$unit->element?->id ?? '']));
        $this->assertSame([$short], array_values(array_unique(array_map(fn (Unit $unit): int => (int) $unit->section['section'], array_filter(
            $moved,
            fn (Unit $unit): bool => $unit->section !== null,
        )))));
    }

    public function test_nothing_is_moved_from_a_section_that_lies_elsewhere_or_has_no_more(): void
    {
        $now = $this->begun($this->sixty());
        $this->assertFault('/other', 'does not lie beside', fn () => $this->ways(
            $now,
            'one-short',
            ['section' => 'no-4', 'has' => '9', 'other' => 'no-1', 'others' => '11'],
        ));
        $this->assertFault('/others', 'nothing can be moved', fn () => $this->ways(
            $now,
            'one-short',
            ['section' => 'no-6', 'has' => '10', 'other' => 'no-1', 'others' => '10'],
        ));
    }

    public function test_a_missed_tie_is_made_now_or_stays_bare_with_its_piece_over(): void
    {
        $now = $this->made($this->cut($this->begun($this->everyday()), 18), 18);
        $ways = $this->ways($now, 'tie-missed', ['missed' => '1/parts.l1/l1.7']);
        $this->assertSame(['1/parts.l1/l1.7'], $ways['now']->undone);
        $this->assertFalse($ways['now']->then->isMade(1, 'l1.7'));
        $this->assertSame(['7: bare'], $ways['bare']->then->first()->plan->write()['parts'][0]['otherwise']);
        $this->assertStringStartsWith('1 piece that is cut already stays over.', $ways['bare']->effects[0]);
        $this->assertSame([17, '19 in'], [count($ways['bare']->then->cut), $now->units()->exact($ways['bare']->then->rolls[0]->wasted())]);
    }

    public function test_a_run_goes_back_to_the_tie_it_missed_and_loses_no_mesh(): void
    {
        $now = $this->made($this->begun($this->poofs()), 9);
        $ways = $this->ways($now, 'tie-missed', ['missed' => '1/parts.l1/l1.5', 'found' => '1/parts.l1/l1.9']);
        $this->assertSame(
            ['1/parts.l1/l1.5', '1/parts.l1/l1.6', '1/parts.l1/l1.7', '1/parts.l1/l1.8', '1/parts.l1/l1.9'],
            $ways['back']->undone,
        );
        $this->assertSame(['5 ties opened and tied again; no mesh is lost.'], $ways['back']->effects);
    }

    public function test_a_stem_that_broke_comes_off_what_is_over(): void
    {
        $ways = $this->ways($this->begun($this->everyday()), 'stem-broken', ['count' => '2']);
        $this->assertSame(['stems' => 2], $ways['another']->spent);
        $this->assertSame('Of the stems 7 were over; that leaves 5.', $ways['another']->effects[0]);
        $this->assertStringStartsWith('None of the', $this->ways($this->begun($this->everyday()), 'stem-broken', ['count' => '8'])['another']->effects[0]);
    }

    public function test_thin_poofs_are_filled_between_the_rows_and_thin_ruffles_crossed(): void
    {
        $poofs = $this->poofs();
        $poofs['ties'] = [['layout' => 'flat']];
        $ways = $this->ways($this->made($this->begun($poofs), 5), 'too-thin');
        $this->assertSame('A filling pass between the rows', $ways['fill']->label);
        $this->assertGreaterThan(12, count($ways['fill']->then->first()->plan->part('l1')->demand->elements));
        $across = $this->ways($this->cut($this->begun($this->everyday()), 18), 'too-thin')['across'];
        $this->assertSame('18 x 19 in = 342 in of 360 in, 18 in left.', $across->effects[0]);
        $this->assertCount(2, $across->then->first()->plan->parts);
    }

    public function test_a_sign_that_is_larger_hides_what_need_not_be_made(): void
    {
        $document = $this->everyday();
        $document['parts'] = [['id' => 'l1'], ['id' => 'sign', 'kind' => 'sign', 'width' => '6 in', 'height' => '4 in']];
        $now = $this->cut($this->begun($document), 2);
        $ways = $this->ways($now, 'sign-covers', ['width' => '14 in', 'height' => '14 in']);
        $this->assertSame(['bare', 'size'], array_keys($ways));
        $bare = $ways['bare']->then->first()->plan->write()['parts'][0]['otherwise'];
        $this->assertMatchesRegularExpression('/: bare$/', $bare[0]);
        foreach (array_keys($now->cut) as $id) {
            $this->assertArrayHasKey($id, $ways['bare']->then->cut);
        }
    }

    public function test_every_trouble_is_asked_in_a_sentence_whose_blanks_are_there(): void
    {
        $document = $this->everyday();
        $document['parts'] = [['id' => 'l1'], ['id' => 'sign', 'kind' => 'sign']];
        $now = $this->made($this->cut($this->begun($document), 12), 6);
        foreach (Troubles::all() as $key => $trouble) {
            $blanks = $trouble->blanks($now, $this->walk($now), null);
            $this->assertNotNull($blanks, $key);
            preg_match_all('/\{(\w+)\}/', $trouble->sentence(), $found);
            $this->assertEqualsCanonicalizing($found[1], array_map(fn ($blank): string => $blank->key(), $blanks), $key);
            foreach ($this->ways($now, $key) as $way) {
                $this->assertNotSame([], $way->effects, "$key: $way->key");
            }
        }
    }

    public function test_the_final_check_asks_for_what_this_piece_has(): void
    {
        $asked = fn (array $document): array => array_column(
            array_map(fn (FinalLook $look): array => [substr($look->key, 2), $look], FinalCheck::of($this->begun($document)->first())->looks),
            1,
            0,
        );
        $plain = $asked($this->everyday());
        $this->assertSame(['ties', 'shows', 'spacing', 'threads', 'ends', 'hangs'], array_keys($plain));
        $this->assertSame('18 ruffles of Sage mesh: 6 on row 1, 12 on row 2.', $plain['ties']->expected[1]);
        $this->assertSame(['Ruffles of Sage mesh: 3 in every section.'], $plain['spacing']->expected);
        $whole = $asked([
            'materials' => [['id' => 'a'], ['id' => 'b', 'name' => 'Gold'], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [
                ['material' => ['a: 9', 'b: 9'], 'order' => 'alternating'],
                ['kind' => 'sign'],
                ['kind' => 'looped-bow', 'material' => 'r'],
            ],
        ]);
        $this->assertSame(['ties', 'shows', 'spacing', 'seam', 'sign', 'words', 'threads', 'ends', 'hangs'], array_keys($whole));
        $this->assertMatchesRegularExpression('/^Tie 6 has \w+.*, tie 1 beside it \w+/', $whole['seam']->expected[0]);
        foreach ($whole as $look) {
            $this->assertTrue($look->trouble === null || isset(Troubles::all()[$look->trouble]), $look->key);
        }
    }
}
