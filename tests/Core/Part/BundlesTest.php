<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Curls;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** 5 bundles a section on 6 sections, 4 pieces of 9 in, two of each colour. */
final class BundlesTest extends PlanCase
{
    public function test_30_bundles_take_60_pieces_a_colour_and_every_inch_of_3_rolls_of_each(): void
    {
        $result = $this->work($this->bundles(['label' => 'measured']));
        $this->assertSame(
            [30, '120 pieces'],
            [
                $result->parts[0]->count->value,
                $this->plan($this->bundles([]))->parts[0]->kind->words($this->plan($this->bundles([]))->parts[0]->on)['pieces'],
            ],
        );
        foreach ($result->wound as $mesh) {
            $this->assertSame(
                [3, '540 in', '0 in', 'uses every inch'],
                [$mesh->rolls->value, $mesh->used->shown, $mesh->left->shown, $mesh->verdict->words()],
            );
            $this->assertSame('roll 1: 20 x 9 in = 180 in', $mesh->used->because[0]);
        }
        $this->assertSame(['Teal: 60 x 9 in = 540 in', 'Gold: 60 x 9 in = 540 in'], $result->parts[0]->takes->because);
    }

    public function test_30_half_stems_are_15_whole_ones(): void
    {
        $this->assertSame(15, $this->used($this->work($this->bundles([])), 'stems'));
    }

    public function test_with_an_allowance_of_1_percent_they_are_at_risk_and_safe_on_4_rolls_a_colour(): void
    {
        $result = $this->work($this->bundles(['allowance' => '1 %']));
        $this->assertSame([4, 4], array_map(fn ($mesh): ?int => $mesh->safeRolls, $result->wound));
        $this->assertSame('uses every inch, at risk', $result->verdict->words());
        // Both colours go into one layer, and are told of together.
        $this->assertCount(1, $result->advice);
        $this->assertSame([['teal', 'gold'], [29, 30]], [$result->advice[0]->materials, $result->advice[0]->ties]);
        $rolls = $result->advice[0]->remedies[2];
        $this->assertSame(
            ['Keep a spare roll of Teal and a spare roll of Gold', ['materials.teal.rolls' => '4', 'materials.gold.rolls' => '4']],
            [$rolls->label, $rolls->edit->asData()['set']],
        );
        $this->assertTrue($this->work($this->bundles(['allowance' => '1 %', 'rolls' => 4]))->verdict->isGood());
    }

    public function test_a_bundle_that_lacks_a_piece_is_not_whole(): void
    {
        $plan = $this->bundles(['label' => 'measured']);
        $plan['materials'][1]['rolls'] = 2;
        $result = $this->work($plan);
        $this->assertSame(['10 rolled bundles short.', ['gold']], [ucfirst($result->advice[0]->title), $result->advice[0]->materials]);
        $this->assertStringContainsString('The rolled bundles at ties 21 to 30 would not be whole', $result->advice[0]->sentence);
        $this->assertSame([true, ['teal' => [3]]], [$result->parts[0]->elements[20]->missing, $result->parts[0]->elements[20]->rolls]);
    }

    #[TestWith(['8 in', '1 in', '2.5'])]
    #[TestWith(['12 in', '0.85 in', '4.5'])]
    #[TestWith(['9 in', '1 in', '2.9'])]
    public function test_a_piece_turns_as_often_as_its_length_goes_round_the_curl(string $length, string $curl, string $turns): void
    {
        $this->assertSame($turns, Curls::turns(LengthText::read($length, Units::Inches), LengthText::read($curl, Units::Inches)));
    }

    #[TestWith(['rolled-bundle', 'about 17 in', 'about 5 in'])]
    #[TestWith(['diagonal-bundle', 'about 21 in', 'about 1 in'])]
    #[TestWith(['starburst', 'about 21 in', 'about 1 3/8 in'])]
    public function test_the_same_pieces_make_another_size_and_opening(string $technique, string $across, string $opening): void
    {
        $tally = $this->work(
            [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 5, 'pair' => '2-3', 'stem' => 'half']],
                'materials' => [['width' => '6 in']],
                'parts' => [['kind' => $technique, 'length' => '8 in']],
            ],
        )->tally;
        $this->assertSame([$across, $opening], [$tally->across->shown, $tally->opening->shown]);
    }

    public function test_a_bundle_brings_half_or_a_third_of_a_stem_where_its_tie_has_none(): void
    {
        $plan = $this->bundles([]);
        $plan['ties'][0]['stem'] = 'none';
        $bare = $this->work($plan);
        $this->assertContains('unheld', array_column($bare->advice, 'rule'));
        foreach (['half' => 15, 'third' => 10] as $stem => $stems) {
            $plan['parts'][0]['stem'] = $stem;
            $result = $this->work($plan);
            $this->assertSame(
                [$stems, false],
                [$this->used($result, 'stems'), in_array('unheld', array_column($result->advice, 'rule'), true)],
            );
        }
        $this->assertContains('30 rolled bundles, each a third of a stem of its own', $this->work($plan)->goodsOf('stems')->count->because);
    }

    public function test_one_mesh_alone_stands_for_four_pieces(): void
    {
        $layer = $this->plan(['parts' => [['kind' => 'starburst', 'material' => 'm1']]])->parts[0];
        $this->assertSame([4, ['m1: 4']], [count($layer->on->materials), $layer->on->slip->write()['material']]);
    }

    #[TestWith(['3 Teal + 1 gold', ['teal: 3', 'gold: 1']])]
    #[TestWith(['gold, teal, gold', ['gold: 1', 'teal: 1', 'gold: 1']])]
    #[TestWith(['2 x teal and 3 of Gold', ['teal: 2', 'gold: 3']])]
    #[TestWith(['1 teal + 1 teal', ['teal: 2']])]
    public function test_a_mix_is_written_as_it_is_said(string $typed, array $written): void
    {
        $after = (new FillBlanks(['parts.l1.material' => $typed]))->apply($this->plan($this->bundles([])), $this->reader());
        $this->assertSame($written, $after->parts[0]->on->slip->write()['material']);
        $shown = $after->parts[0]->on->slip->show('material', $after->units());
        $this->assertSame($after->write(), (new FillBlanks(['parts.l1.material' => "$shown "]))->apply($after, $this->reader())->write());
    }

    public function test_another_technique_keeps_what_of_the_mix_it_can_use(): void
    {
        $bundle = $this->plan($this->bundles([]));
        $ruffle = (new FillBlanks(['parts.l1.kind' => 'ruffle']))->apply($bundle, $this->reader());
        $run = (new FillBlanks(['parts.l1.kind' => 'poof-run']))->apply($bundle, $this->reader());
        $this->assertSame(
            ['teal', 'teal'],
            [$ruffle->parts[0]->on->slip->write()['material'], $run->parts[0]->on->slip->write()['material']],
        );
        $back = (new FillBlanks(['parts.l1.kind' => 'diagonal-bundle']))->apply($ruffle, $this->reader());
        $this->assertSame(['teal: 4'], $back->parts[0]->on->slip->write()['material']);
    }

    public function test_the_depth_of_a_bundle_is_5_to_7_in(): void
    {
        $depth = fn (string $length): float => $this->plan(['parts' => [['kind' => 'starburst', 'length' => $length]]])->parts[0]->size->depth;
        $this->assertSame([5.0, 6.0, 7.0], [$depth('4 in'), $depth('9 in'), $depth('15 in')]);
    }

    /**
     * @param  array<string, mixed>  $mesh
     * @return array<string, mixed>
     */
    private function bundles(array $mesh): array
    {
        $mesh += ['width' => '6 in', 'roll' => '5 yd'];

        return [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 5, 'pair' => '2-3', 'stem' => 'half']],
            'materials' => [['id' => 'teal', 'name' => 'Teal', ...$mesh], ['id' => 'gold', 'name' => 'Gold', ...$mesh]],
            'parts' => [['kind' => 'rolled-bundle', 'material' => ['teal: 2', 'gold: 2'], 'length' => '9 in']],
        ];
    }
}
