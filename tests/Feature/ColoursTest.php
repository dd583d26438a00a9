<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Davrin\Core\Material\Mix;
use DOMElement;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** The order of colours over HTTP: dealt, painted by hand, exchanged, tried side by side. */
final class ColoursTest extends FeatureCase
{
    public function test_a_seam_clash_is_shown_on_the_form_and_mended_by_a_remedy(): void
    {
        $plan = $this->hang('kite-festival-in-turn');
        $page = $this->get("/plans/$plan->id")->assertOk();
        $this->assertSame(
            ['tie-1', 'tie-16'],
            array_map(fn (DOMElement $tie): string => $tie->getAttribute('id'), $this->find($page, "//*[contains(@class, 'is-warned')]")),
        );
        $this->assertStringContainsString('Tie 16 and tie 1 are both Sky mesh', $this->texts($page, "//*[@class='advice']")[0]);
        $page = $this->edit($plan, ['set' => ['parts.l1.order' => 'in-turn-closed']])->assertOk();
        $this->assertSame([], $this->find($page, "//*[contains(@class, 'is-warned')]"));
        $this->assertStringContainsString('one moved where the ends would match', $this->sentence($page));
    }

    public function test_another_order_keeps_the_first_mesh_and_takes_the_next_beside_it(): void
    {
        $plan = $this->hang('garden-club-scraps');
        $this->edit($plan, ['set' => ['parts.l1.order' => 'alike']])->assertOk();
        $this->assertSame(['moss'], $this->meshes($plan));
        $this->edit($plan, ['set' => ['parts.l1.order' => 'in-turn']])->assertOk();
        $this->assertSame(['moss', 'plum'], $this->meshes($plan));
        $this->edit($plan, ['set' => ['parts.l1.order' => 'by-count']])->assertOk();
        $this->assertSame(['moss: 9', 'plum: 9'], $plan->fresh()->plan()->write()['parts'][0]['material']);
        $page = $this->post("/plans/$plan->id/undo", ['revision' => $plan->fresh()->revision_id], ['HX-Request' => 'true'])->assertOk();
        $this->assertSame(['moss', 'plum'], $this->meshes($plan));
    }

    public function test_a_tie_is_painted_and_the_paint_taken_off_again(): void
    {
        $plan = $this->hang('garden-club-scraps');
        $page = $this->edit($plan, ['do' => 'paint', 'id' => '3', 'to' => 'plum'])->assertOk();
        $this->assertStringContainsString('by hand 3: Plum mesh', $this->sentence($page));
        $this->assertSame('plum', $plan->fresh()->plan()->parts[0]->on->materialsByTie[3][0]->id);
        $this->assertSame('tie 3 painted Plum mesh', $plan->fresh()->revision->words);
        $page = $this->edit($plan, ['do' => 'paint', 'id' => '5', 'to' => 'plum'])->assertOk();
        $this->assertStringContainsString('by hand 3 and 5: Plum mesh', $this->sentence($page));
        $page = $this->edit($plan, ['do' => 'paint', 'id' => '3', 'to' => 'plum'])->assertOk();
        $this->assertStringContainsString('by hand 5: Plum mesh', $this->sentence($page));
        $page = $this->edit($plan, ['set' => ['parts.l1.painted' => 'nothing']])->assertOk();
        $this->assertStringNotContainsString('by hand', $this->sentence($page));
    }

    #[TestWith(['99', 'plum', 'Nothing on tie 99 can be painted'])]
    #[TestWith(['3', 'gone', 'names no mesh of this plan'])]
    public function test_what_cannot_be_painted_is_said(string $tie, string $mesh, string $says): void
    {
        $plan = $this->hang('garden-club-scraps');
        $page = $this->edit($plan, ['do' => 'paint', 'id' => $tie, 'to' => $mesh])->assertStatus(422);
        $this->assertStringContainsString($says, $this->texts($page, "//*[@id='problem']")[0]);
    }

    public function test_a_run_is_not_painted(): void
    {
        $plan = $this->hang('library-reading-week');
        $this->assertSame([], $this->find($this->get("/plans/$plan->id"), "//*[@data-brush or @id='paint']"));
        $this->edit(
            $plan,
            ['do' => 'paint', 'id' => '3', 'to' => 'm1'],
        )->assertStatus(422)->assertSee('runs are of one mesh from end to end');
    }

    public function test_a_lit_tie_offers_each_mesh_without_script_too(): void
    {
        $plan = $this->hang('garden-club-scraps');
        $page = $this->get("/plans/$plan->id?tie=3");
        $this->assertSame(['Moss mesh', 'Plum mesh', 'Honey jute mesh'], $this->texts($page, "//*[@class='tie-card']//button"));
        $this->edit(
            $plan,
            ['do' => 'paint', 'id' => '3', 'to' => 'plum', 'tie' => 3],
            live: false,
        )->assertRedirect("/plans/$plan->id?tie=3");
        $this->assertSame('no longer Plum mesh', $this->texts($this->get("/plans/$plan->id?tie=3"), "//*[@class='tie-card']//button")[1]);
    }

    public function test_two_meshes_are_exchanged_everywhere(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['do' => 'paint', 'id' => '3', 'to' => 'teal']);
        $before = $plan->fresh()->plan();
        [$one, $other] = array_column($before->wound(), 'id');
        $this->edit($plan, ['do' => 'exchange', 'id' => $one, 'to' => $other])->assertOk();
        foreach ($plan->fresh()->plan()->parts as $index => $layer) {
            foreach ($layer->on->materialsByTie as $tie => $meshes) {
                $this->assertSame($before->parts[$index]->on->materialsByTie[$tie][0]->id === $one ? $other : $one, $meshes[0]->id);
            }
        }
        $this->assertStringEndsWith('exchanged', $plan->fresh()->revision->words);
        $this->edit(
            $plan,
            ['do' => 'exchange', 'id' => $one, 'to' => 'gone'],
        )->assertStatus(422)->assertSee('That mesh is not in the plan any more');
    }

    public function test_other_colours_stand_side_by_side_and_one_is_taken(): void
    {
        $plan = $this->hang('kite-festival-in-turn');
        $page = $this->get("/plans/$plan->id/colours")->assertOk();
        $this->assertSame(
            [
                'As it is',
                'Sky mesh and Rust mesh exchanged',
                'Sky mesh and Cream jute mesh exchanged',
                'Rust mesh and Cream jute mesh exchanged',
            ],
            $this->texts($page, '//article/h2'),
        );
        $sent = [];
        foreach ($this->find($page, '(//article//form)[1]//input') as $input) {
            $sent[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        $this->post("/plans/$plan->id/edits", $sent)->assertRedirect("/plans/$plan->id");
        $this->assertSame(['rust', 'sky', 'cream'], $this->meshes($plan));
    }

    public function test_a_palette_of_the_maker_s_own_is_tried_and_taken(): void
    {
        $plan = $this->hang('kite-festival-in-turn');
        $page = $this->get("/plans/$plan->id/colours?palette=".urlencode('#1D6A6B, #d9a93a'))->assertOk();
        $this->assertSame('In your colours, #1d6a6b, #d9a93a, #1d6a6b', $this->texts($page, '//article/h2')[1]);
        $set = [];
        foreach ($this->find($page, "(//article//form)[1]//input[starts-with(@name, 'set')]") as $input) {
            $set[substr($input->getAttribute('name'), 4, -1)] = $input->getAttribute('value');
        }
        $this->edit($plan, ['set' => $set])->assertOk();
        $this->assertSame(
            ['#1d6a6b', '#d9a93a', '#1d6a6b'],
            array_map(fn ($mesh): string => $mesh->slip->text('colour'), $plan->fresh()->plan()->wound()),
        );
    }

    #[TestWith(['teal', '"teal" is not a colour'])]
    #[TestWith(['#12345', '"#12345" is not a colour'])]
    #[TestWith(['<b>', '"<b>" is not a colour'])]
    #[TestWith(['#111111 #222222 #333333 #444444 #555555 #666666 #777777', 'the first 6 are tried'])]
    public function test_a_palette_that_is_none_says_what_to_write(string $typed, string $says): void
    {
        $plan = $this->hang('kite-festival-in-turn');
        $page = $this->get("/plans/$plan->id/colours?palette=".urlencode($typed))->assertOk();
        $this->assertStringContainsString($says, $this->texts($page, "//*[@id='problem']")[0]);
        $this->assertSame($typed, $this->find($page, "//input[@name='palette']")[0]->getAttribute('value'));
    }

    public function test_what_is_told_apart_in_greys_and_what_is_not(): void
    {
        $plan = $this->hang('kite-festival-in-turn');
        $page = $this->get("/plans/$plan->id/colours?greys=on");
        $this->assertCount(1, $this->find($page, "//*[contains(@class, 'in-greys')]"));
        $this->assertContains('Rust mesh and Cream jute mesh: 3.5 to 1, well told apart in greys.', $this->texts($page, '//li'));
        $this->edit($plan, ['set' => ['materials.rust.colour' => '#5f97c4']]);
        $this->assertContains(
            'Sky mesh and Rust mesh: 1.0 to 1, hardly told apart in greys but by their hatch.',
            $this->texts($this->get("/plans/$plan->id/colours"), '//li'),
        );
        $this->edit($plan, ['set' => ['materials.rust.hatch' => 'waves']]);
        $this->assertContains(
            'Sky mesh and Rust mesh: 1.0 to 1, hardly told apart in greys, and their hatches are the same: give one another hatch.',
            $this->texts($this->get("/plans/$plan->id/colours"), '//li'),
        );
    }

    public function test_a_plan_of_one_mesh_says_what_to_do(): void
    {
        $plan = $this->hang('garden-club-bee-stall');
        $this->get("/plans/$plan->id/colours")->assertOk()->assertSee('The plan has one mesh only');
    }

    /** @return list<string> ids of the first layer's mesh blank */
    private function meshes(SavedPlan $plan): array
    {
        return $plan->fresh()->plan()->parts[0]->on->slip->object('material', Mix::class)->pieces();
    }

    private function sentence(TestResponse $page): string
    {
        $line = $this->find($page, "//*[@id='line-parts-l1']//div[contains(@class, 'sentence')]")[0];
        foreach (iterator_to_array($line->getElementsByTagName('input')) as $input) {
            $input->parentNode->replaceChild($line->ownerDocument->createTextNode($input->getAttribute('value')), $input);
        }
        foreach (iterator_to_array($line->getElementsByTagName('select')) as $select) {
            $chosen = array_values(
                array_filter(
                    iterator_to_array($select->getElementsByTagName('option')),
                    fn (DOMElement $option): bool => $option->hasAttribute('selected'),
                ),
            )[0] ?? $select->getElementsByTagName('option')->item(0);
            $select->parentNode->replaceChild($line->ownerDocument->createTextNode($chosen->textContent), $select);
        }

        return trim((string) preg_replace('/\s+/', ' ', $line->textContent));
    }
}
