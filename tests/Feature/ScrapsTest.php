<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Units;

final class ScrapsTest extends FeatureCase
{
    public function test_a_shelf_without_scraps_says_where_they_come_from(): void
    {
        $this->lay('Sage mesh', '10 yd');
        $this->get('/scraps')->assertOk()->assertSee('Nothing is opened');
    }

    public function test_a_colour_is_left_out_and_used_again(): void
    {
        $this->lay('Cream mesh', '212 in', '#ede3c8');
        $this->lay('Gold mesh', '44 in, 2 x 20 in', '#c59a2d');
        $gold = ShelfItem::query()->where('name', 'Gold mesh')->sole()->id;
        $link = $this->find($this->get('/scraps?length=14'), "//a[.='leave it out']")[1]->getAttribute('href');
        $page = $this->get($link)->assertOk()->assertSee('Gold mesh is left out.');
        $this->assertSame(['15 of 15'], $this->texts($page, "//li[@class='scrap']/b"));
        $this->assertCount(2, $this->find($page, "//input[@name='without[]'][@value='$gold']"));
        $this->post('/scraps', ['length' => '14', 'without' => [$gold]]);
        $this->assertSame(['Cream mesh'], array_map(fn ($mesh): string => $mesh->name(), SavedPlan::findOrFail(1)->plan()->wound()));
        $again = $this->find($page, "//a[.='use it too']")[0]->getAttribute('href');
        $this->assertCount(2, $this->find($this->get($again), "//li[@class='scrap']"));
    }

    public function test_scraps_are_spread_over_the_ties_and_begun_as_a_plan_without_a_new_roll(): void
    {
        $this->lay('Cream mesh', '212 in', '#ede3c8');
        $this->lay('Gold mesh', '44 in, 2 x 20 in', '#c59a2d');
        $this->lay('Sage mesh', '10 yd');
        $page = $this->get('/scraps?length=14')->assertOk();
        $this->assertSame(['13 of 15', '5 of 5'], $this->texts($page, "//li[@class='scrap']/b"));
        $this->assertSame(
            ['Cream mesh: 212 in gives 15', 'Gold mesh: 2 x 20 in give 2, 44 in gives 3'],
            $this->texts($page, "//li[@class='scrap']/span"),
        );
        $this->assertCount(
            18,
            $this->find(
                $page,
                "//*[name()='svg'][contains(@class,'scraps-form')]/*[name()='g'][contains(@class,'elements')]/*[name()='use']",
            ),
        );
        $this->post('/scraps', ['length' => '14', 'technique' => 'curled-ruffle'])->assertRedirect('/plans/1');
        $plan = SavedPlan::findOrFail(1)->plan();
        $this->assertSame(['curled-ruffle', 'by-count'], [$plan->parts[0]->kind->key(), $plan->write()['parts'][0]['order']]);
        $result = app(Engine::class)->work($plan);
        $this->assertSame(
            [0, true],
            [array_sum(array_map(fn ($mesh): int => $mesh->plan->opened(), $result->wound)), $result->verdict->isGood()],
        );
    }

    public function test_where_there_is_too_little_the_length_that_would_do_is_one_click_away(): void
    {
        $this->lay('Sage mesh', '131 in, 62 in');
        $this->lay('Gold mesh', '44 in', '#c59a2d');
        $page = $this->get('/scraps?length=14')->assertOk()->assertSee('2 ties would stay bare');
        $link = $this->find($page, "//a[contains(., 'fill them all')]")[0]->getAttribute('href');
        $this->get($link)->assertOk()->assertDontSee('would stay bare');
        $this->get('/scraps?length=60')->assertOk()->assertSee('No piece that is near as long fills them all');
    }

    public function test_what_is_too_short_for_a_piece_makes_nothing(): void
    {
        $this->lay('Sage mesh', '18 in');
        $this->get('/scraps?length=20')->assertOk()->assertSee('too short');
        $this->from('/scraps')->post('/scraps', ['length' => '20'])->assertRedirect('/scraps')->assertSessionHas('refused');
    }

    public function test_other_forms_widths_and_nonsense(): void
    {
        $this->lay('Sage mesh', '131 in');
        $form = ShelfForm::query()->create(['name' => 'Stick', 'form' => ['kind' => 'stick']]);
        $this->get("/scraps?form=$form->id&length=9")->assertOk()->assertSee('for 20 ties');
        $this->get('/scraps?length=a+mile')->assertOk()->assertSee('is not a length');
        $this->get('/scraps?length=1/4')->assertOk()->assertSee('must be between 2 in and 720 in');
        $this->get('/scraps?length[]=1&technique[]=x&width=77&form=x')->assertOk();
    }

    private function lay(string $name, string $came, string $colour = '#7f9a76'): void
    {
        ShelfItem::begin('mesh', ['name' => $name, 'colour' => $colour])->take((new OnHandBlank('came', ''))->read($came, Units::Inches));
    }
}
