<?php

namespace Tests\Feature;

use App\Models\KeptBow;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Part\Bow;
use Davrin\Core\Plan\PlanReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** The bow maker: bows that are kept, changed, asked what is left for, and put on plans. */
final class BowsTest extends FeatureCase
{
    public function test_without_any_it_says_how_to_begin_one(): void
    {
        $this->get('/bows')->assertOk()->assertSee('No bow is kept yet')->assertSee('Half-fold bow');
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (Craft::standard()->parts as $key => $kind) {
            if ($kind instanceof Bow && $key !== 'tie-bows') {
                yield $key => [$key];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_each_kind_is_begun_drawn_and_told_what_it_takes(string $kind): void
    {
        $this->post('/bows', ['kind' => $kind])->assertRedirect('/bows/1');
        $page = $this->get('/bows/1')->assertOk()->assertSee('It takes')->assertSee('before it is closed');
        $this->assertNotSame([], $this->find($page, "//*[name()='svg'][@class='bow-drawing']//*[name()='use']"));
        $offered = $this->texts($page, "//select[@name='set[parts.bow.kind]']/option");
        $this->assertContains('a looped bow', $offered);
        $this->assertNotContains('a ruffle', $offered);
        $this->get('/bows')->assertOk()->assertSee(KeptBow::query()->sole()->name);
    }

    public function test_what_is_left_is_worked_out_three_ways_and_made_so(): void
    {
        $this->post('/bows', ['kind' => 'looped-bow']);
        $this->change(['parts.bow.loops' => '2', 'parts.bow.tails' => '12 in']);
        $page = $this->get('/bows/1?left=60+in')->assertOk();
        $this->assertSame(['4 1/8 in', '1', '10 3/4 in'], $this->texts($page, "//ul[@class='fits']//b"));
        $this->change(['parts.bow.loop' => '4 1/8 in']);
        $this->get('/bows/1')->assertSeeText('59 1/2 in');
        $this->assertSame(['none', 'none', 'none'], $this->texts($this->get('/bows/1?left=5+in'), "//ul[@class='fits']//b"));
        $this->get('/bows/1?left=a+lot')->assertOk()->assertSeeText('"a lot" is not a length.');
        $this->get('/bows/1?left[]=x')->assertOk();
    }

    public function test_what_cannot_be_stays_in_its_blank_and_the_last_change_is_undone_and_done_again(): void
    {
        $this->post('/bows', ['kind' => 'half-fold-bow']);
        $this->change(['parts.bow.loop' => '9 in'], 422)->assertSee('A loop takes twice its size')->assertSee('value="9 in"', escape: false);
        $this->assertNull(KeptBow::query()->sole()->before);
        $this->change(['parts.bow.loop' => '5 in']);
        $this->get('/bows/1')->assertSee('4 in');
        $this->post('/bows/1/undo');
        $this->get('/bows/1')->assertSee('value="4 in"', escape: false);
        $this->post('/bows/1/undo');
        $this->get('/bows/1')->assertSee('value="5 in"', escape: false);
        $this->change(['parts.bow.kind' => 'streamers'], 422)->assertSee('That is no bow.');
        $this->change(['parts.bow.kind' => 'ruffle'], 422);
        $this->change(['plan.name' => 'Big one']);
        $this->assertSame('Big one', KeptBow::query()->sole()->name);
        $this->change(['parts.bow.nothing' => 'x'], 422);
    }

    public function test_it_is_made_of_ribbon_from_the_shelf_and_of_several(): void
    {
        $item = ShelfItem::begin('ribbon', ['name' => 'Bee print', 'width' => '1 1/2 in', 'colour' => '#f2d15c']);
        $this->post('/bows', ['kind' => 'layered-bow']);
        $this->post('/bows/1/edits', ['do' => 'take-ribbon', 'id' => 'r1', 'to' => $item->id])->assertRedirect();
        $this->post('/bows/1/edits', ['do' => 'add-ribbon']);
        $this->change(['parts.bow.material' => 'Bee print + Ribbon 2', 'parts.bow.loop' => '5, 4 in']);
        $this->get('/bows/1')->assertSeeText('Bee print: 41 1/2 in')->assertSeeText('Ribbon 2: 37 1/2 in');
        $this->post('/bows/1/edits', ['do' => 'take-ribbon', 'id' => 'r1', 'to' => 99])->assertStatus(422)->assertSee('not on the shelf any more');
    }

    public function test_a_copy_goes_on_a_plan_with_the_ribbon_that_it_lacks(): void
    {
        $plan = SavedPlan::start(app(PlanReader::class)->read(['name' => 'Door', 'materials' => [['id' => 'm']], 'parts' => [[]]]), 'begun');
        $this->post('/bows', ['kind' => 'looped-bow']);
        $this->change(['parts.bow.loop' => '5 in']);
        foreach ([1, 2] as $time) {
            $this->post('/bows/1/plans', ['plan' => $plan->id])->assertRedirect("/plans/$plan->id");
            $parts = $plan->fresh()->plan()->parts;
            $this->assertCount(1 + $time, $parts);
            $this->assertSame(['looped-bow', '5 in'], [$parts[$time]->kind->key(), $parts[$time]->on->slip->write()['loop']]);
            $this->assertCount(2, $plan->fresh()->plan()->wound(), 'the ribbon once');
        }
        $this->change(['parts.bow.loop' => '3 in']);
        $this->assertSame('5 in', $plan->fresh()->plan()->parts[1]->on->slip->write()['loop'], 'it is a copy');
        $this->get("/plans/$plan->id")->assertOk()->assertSee('5 in');
        $this->from('/bows/1')->post('/bows/1/plans', ['plan' => 77])->assertRedirect('/bows/1')->assertSessionHas('refused');
    }

    public function test_it_is_not_put_on_a_plan_that_holds_what_it_needs(): void
    {
        $plan = SavedPlan::start(app(PlanReader::class)->read(['materials' => [['id' => 'm']], 'parts' => [[]]]), 'begun');
        $this->post('/bows', ['kind' => 'looped-bow']);
        $this->post("/plans/$plan->id/ready");
        $this->assertTrue($plan->fresh()->isReady());
        $this->from('/bows/1')->post('/bows/1/plans', ['plan' => $plan->id]);
        $this->assertCount(1, $plan->fresh()->plan()->parts);
        $this->get('/bows/1')->assertOk();
    }

    public function test_one_that_is_put_away_is_kept_again(): void
    {
        $this->post('/bows', ['kind' => 'strip-bow']);
        $this->followingRedirects()->delete('/bows/1')->assertSee('Strip bow')->assertSee('keep it again');
        $this->get('/bows/1')->assertNotFound();
        $this->followingRedirects()->post('/bows/1/restore')->assertSee('is kept again');
        $this->get('/bows/1')->assertOk();
    }

    /** @param  array<string, string>  $set */
    private function change(array $set, int $status = 302): \Illuminate\Testing\TestResponse
    {
        return $this->post('/bows/1/edits', ['set' => $set])->assertStatus($status);
    }
}
