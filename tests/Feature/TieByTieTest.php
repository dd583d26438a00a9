<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Davrin\Core\Ties\Tie;
use PHPUnit\Framework\Attributes\TestWith;

final class TieByTieTest extends FeatureCase
{
    public function test_a_tie_is_added_by_what_it_goes_round_and_how_far(): void
    {
        $plan = $this->free();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'on' => '1', 'distance' => '20 1/2'])->assertOk();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'on' => 'crossbar 2', 'distance' => '2 cm'])->assertOk();
        $this->assertSame(['3-4', '1', 'crossbar 2'], $this->seats($plan));
        $this->assertSame(['3-4: 0 in', '1: 20 1/2 in', 'crossbar 2: 2 cm'], $this->spots($plan));
    }

    public function test_a_click_puts_a_tie_on_what_is_nearest_to_the_eighth_of_an_inch(): void
    {
        $plan = $this->free();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'x' => '6.4', 'y' => '0.1'])->assertOk();
        $this->assertSame('1-2: 10 1/4 in', $this->spots($plan)[1]);
        $this->assertEqualsWithDelta(6.5, $plan->fresh()->plan()->ties->all()[1]->place->x, 0.05);
    }

    public function test_a_tie_is_taken_away_but_not_the_last_one(): void
    {
        $plan = $this->free();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'on' => '1', 'distance' => '20']);
        $page = $this->get("/plans/$plan->id?tie=1");
        $this->assertCount(1, $this->find($page, "//*[@class='tie-card']//button[@value='take-tie']"));
        $this->edit($plan, ['do' => 'take-tie', 'id' => '1'])->assertOk();
        $this->assertSame(['1: 20 in'], $this->spots($plan));
        $this->edit($plan, ['do' => 'take-tie', 'id' => '1'])->assertStatus(422)->assertSee('the last tie of its layout');
    }

    #[TestWith([['on' => '9', 'distance' => '2 in'], 'is not on this form'])]
    #[TestWith([['on' => '1', 'distance' => 'far'], 'is not a length'])]
    #[TestWith([['on' => '1', 'distance' => '4 yd'], 'between 0 in and 43 7/8 in'])]
    #[TestWith([['on' => '', 'distance' => ''], 'A length is missing'])]
    #[TestWith([['x' => 'left', 'y' => '1'], 'must be a number'])]
    public function test_a_tie_that_cannot_be_is_refused_at_its_layout(array $fields, string $says): void
    {
        $plan = $this->free();
        $page = $this->edit($plan, ['do' => 'place-tie', 'id' => 't1'] + $fields)->assertStatus(422)->assertSee($says);
        $this->assertSame(['3-4: 0 in'], $this->spots($plan));
        $distance = $this->find($page, "//input[@name='distance']")[0];
        $this->assertSame(
            [$fields['distance'] ?? '', isset($fields['distance']) ? 'true' : ''],
            [$distance->getAttribute('value'), $distance->getAttribute('aria-invalid')],
        );
        $this->assertSame('', $this->blank($page, 'ties.t1.spots')->getAttribute('aria-invalid'));
    }

    public function test_only_a_layout_that_is_made_tie_by_tie_takes_one(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'on' => '1', 'distance' => '2'])->assertStatus(422);
        $this->assertSame([], $this->find($this->get("/plans/$plan->id"), '//svg[@data-places]'));
    }

    public function test_layouts_are_added_and_taken_away_unless_a_layer_stands_on_them(): void
    {
        $plan = $this->hang();
        $page = $this->edit($plan, ['do' => 'add-ties'])->assertOk();
        $this->assertCount(2, $this->find($page, "//section[starts-with(@id,'line-ties-')]"));
        $this->assertSame('42', $this->texts($page, "//*[@id='fact-ties']/summary/b")[0]);
        $this->edit($plan, ['do' => 'remove-ties', 'id' => 't1'])->assertStatus(422)->assertSee('A layer stands on these ties');
        $this->edit($plan, ['do' => 'remove-ties', 'id' => 't2'])->assertOk();
        $this->edit($plan, ['do' => 'remove-ties', 'id' => 't2'])->assertStatus(422);
    }

    public function test_a_new_kind_of_form_keeps_the_ties_that_still_have_a_place(): void
    {
        $plan = $this->free();
        $this->edit($plan, ['do' => 'place-tie', 'id' => 't1', 'on' => '1', 'distance' => '20']);
        $page = $this->edit($plan, ['set' => ['form.kind' => 'wheel']])->assertOk();
        $this->assertSame(['1: 20 in'], $this->spots($plan));
        $this->assertSame(['the places of the ties was 3-4: 0 in; 1: 20 in, is 1: 20 in'], $this->texts($page, "//*[@class='lost']//li"));
    }

    private function free(): SavedPlan
    {
        $plan = $this->hang();
        $this->edit($plan, ['do' => 'remove-part', 'id' => 'inner']);
        $this->edit($plan, ['do' => 'remove-part', 'id' => 'outer']);
        $this->edit($plan, ['set' => ['ties.t1.layout' => 'free']])->assertOk();

        return $plan;
    }

    /** @return list<string> */
    private function spots(SavedPlan $plan): array
    {
        return $plan->fresh()->plan()->ties->groups[0]->slip->write()['spots'];
    }

    /** @return list<string> */
    private function seats(SavedPlan $plan): array
    {
        return array_map(fn (Tie $tie): string => $tie->seat->key(), $plan->fresh()->plan()->ties->all());
    }
}
