<?php

namespace Tests\Feature;

use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Davrin\Core\Plan\PlanReader;

/** Stems and other counted goods: taken from the shelf, held, used and given back as mesh is. */
final class CountedGoodsTest extends FeatureCase
{
    use HasSage;

    public function test_they_are_taken_from_the_shelf_with_their_pack_price_and_number(): void
    {
        [$plan, $stems] = $this->withStems(62);
        $this->assertSame(
            ['62 (shelf 1)', 100, '3.50'],
            [...$this->written($plan)['onHand'], $this->written($plan)['pack'], $this->written($plan)['price']],
        );
        $page = $this->get("/plans/$plan->id")->assertOk();
        $this->assertSame('62', $this->blank($page, 'materials.stems.onHand')->getAttribute('value'));
        $this->assertContains('18 stems', $this->texts($page, "//*[@id='aside']//*[contains(@class, 'why')]/summary"));
        $this->edit($plan, ['set' => ['materials.stems.onHand' => 'some']])->assertStatus(422)->assertSee('not a whole number');
        $this->assertSame(62, $stems->fresh()->amount);
    }

    public function test_a_plan_that_is_ready_holds_them_and_another_is_told(): void
    {
        [$first, $stems] = $this->withStems(30);
        $second = $this->take($stems->item);
        $this->assertSame(['30 (shelf 1)'], $this->written($second)['onHand'], 'nobody holds them yet');
        $this->ready($first)->assertSessionHas('said', 'The plan is ready. Reserved: 18 of Stems, moss green. To buy: 1 new roll of Sage mesh.');
        $this->assertSame([30, 18], [$stems->fresh()->amount, $stems->fresh()->held()]);
        $this->ready($second)->assertSessionHas(
            'refused',
            '12 of Stems, moss green are free. "New wreath" holds the rest. Plan it again from what is free.',
        );
        $this->get("/plans/$second->id")->assertSee('Free on the shelf now: 12.');
        $this->edit($second, ['do' => 'take-materials'])->assertOk();
        $this->assertSame(['12 (shelf 1)'], $this->written($second)['onHand']);
        $this->delete("/plans/$first->id/ready");
        $this->assertSame(0, $stems->fresh()->held());
    }

    public function test_worked_off_they_leave_the_shelf_what_a_new_pack_has_over_is_laid_there_and_all_is_undone_in_one(): void
    {
        [$plan, $stems] = $this->withStems(10);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1])->assertRedirect();
        $this->assertSame(
            [0, [92]],
            [$stems->fresh()->amount, $stems->item->stock()->where('amount', '>', 0)->pluck('amount')->all()],
            '10 used, 8 of a new pack of 100',
        );
        $this->delete("/plans/$plan->id/cut-sheet/cuts")->assertRedirect();
        $this->assertSame(
            [10, []],
            [$stems->fresh()->amount, $stems->item->stock()->where('amount', '>', 0)->whereKeyNot($stems->id)->pluck('amount')->all()],
        );
    }

    public function test_plans_cut_together_use_them_once(): void
    {
        [$plan, $stems] = $this->withStems(40);
        $this->post('/together', ['copies' => [$plan->id => 2]])->assertRedirect();
        $batch = CutBatch::query()->firstOrFail();
        $this->assertSame([36, 36], [$batch->worked()->goods[0]->pieces, $batch->worked()->goods[0]->onHand]);
        $this->post("/together/$batch->id", ['all' => 1])->assertRedirect();
        $this->assertSame(4, $stems->fresh()->amount);
        $this->delete("/together/$batch->id/cuts");
        $this->assertSame(40, $stems->fresh()->amount);
    }

    public function test_only_what_is_of_the_same_kind_is_taken(): void
    {
        [$plan] = $this->withStems(10);
        $glue = ShelfItem::begin('glue', []);
        $this->edit(
            $plan,
            ['do' => 'take-material', 'id' => 'stems', 'to' => (string) $glue->id],
        )->assertStatus(422)->assertSee('not on the shelf any more');
        $this->edit($plan, ['do' => 'take-material', 'id' => 'tinsel', 'to' => (string) $glue->id])->assertStatus(422);
    }

    /** @return array{SavedPlan, ShelfStock} a plan of 18 ties, and the stems on the shelf that it takes */
    private function withStems(int $count): array
    {
        $item = ShelfItem::begin('stems', ['name' => 'Stems, moss green', 'pack' => '100', 'price' => '3.50']);
        $stems = $item->takePieces($count);

        return [$this->take($item), $stems];
    }

    private function take(ShelfItem $item): SavedPlan
    {
        $plan = SavedPlan::start(app(PlanReader::class)->read(['materials' => [['roll' => '20 yd']], 'parts' => [[]]]), 'begun');
        $this->edit($plan, ['do' => 'take-material', 'id' => 'stems', 'to' => (string) $item->id])->assertOk();

        return $plan;
    }

    /** @return array<string, mixed> */
    private function written(SavedPlan $plan): array
    {
        return $plan->fresh()->plan()->materials->all['stems']->slip->write();
    }
}
