<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Recipe\Recipe;
use DOMElement;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** Blanks that are written in several fields: which meshes go into an element, and on which ties it stands. */
final class SeveralFieldsTest extends FeatureCase
{
    public function test_a_mesh_is_added_to_a_bundle_and_taken_out_again(): void
    {
        $plan = $this->hang('bandstand-bundles');
        $page = $this->get("/plans/$plan->id")->assertOk();
        $this->assertSame(['2', 'teal', '2', 'gold', ''], $this->fields($page, 'parts.l1.material'));

        $page = $this->edit($plan, ['set' => ['parts.l1.material' => [['2', 'teal'], ['2', 'gold'], ['teal']]]])->assertOk();
        $this->assertSame(['2', 'teal', '2', 'gold', '1', 'teal', ''], $this->fields($page, 'parts.l1.material'));
        $this->assertStringContainsString('stack 2 Teal stripe mesh + 2 Gold mesh + 1 Teal stripe mesh', $this->said($plan));
        $this->assertSame('30 rolled bundles', $this->figure($page, 'rolled bundles'));

        $page = $this->edit($plan, ['set' => ['parts.l1.material' => [['3', 'teal'], ['2', ''], ['1', '']]]])->assertOk();
        $this->assertSame(['3', 'teal', ''], $this->fields($page, 'parts.l1.material'));
    }

    #[TestWith([[['0', 'teal'], ['0', 'gold']], ['0', 'teal', '0', 'gold', ''], '1 to 8 pieces, and none is named'])]
    #[TestWith([[['9', 'teal'], ['2', 'gold']], ['9', 'teal', '2', 'gold', ''], '1 to 8 pieces, and 11 are named'])]
    #[TestWith([[['two', 'teal'], ['2', 'gold']], ['two', 'teal', '2', 'gold', ''], '"two" is not a whole number'])]
    #[TestWith([[['2', '<b>'], ['2', 'gold']], null, '<b>'])]
    public function test_a_bundle_that_cannot_be_keeps_what_was_typed(array $typed, ?array $kept, string $says): void
    {
        $plan = $this->hang('bandstand-bundles');
        $before = $plan->fresh()->revision_id;
        $page = $this->edit($plan, ['set' => ['parts.l1.material' => $typed]])->assertStatus(422);
        $this->assertStringContainsString($says, $this->texts($page, "//*[@id='line-parts-l1']//p[@id='problem']")[0]);
        if ($kept !== null) {
            $this->assertSame($kept, $this->fields($page, 'parts.l1.material'));
        }
        $this->assertNotSame(
            [],
            $this->find($page, "//*[@id='line-parts-l1']//*[@aria-invalid='true' and starts-with(@name, 'set[parts.l1.material]')]"),
        );
        $this->assertSame($before, $plan->fresh()->revision_id);
    }

    public function test_strands_are_chosen_one_by_one(): void
    {
        $plan = $this->hang('fair-gate-three-strands');
        $page = $this->get("/plans/$plan->id");
        $three = $this->fields($page, 'parts.l1.material');
        $this->assertCount(3, $three);
        $page = $this->edit($plan, ['set' => ['parts.l1.material' => [[$three[0]], [''], [$three[2]]]]])->assertOk();
        $this->assertSame([$three[0], $three[2], ''], $this->fields($page, 'parts.l1.material'));
        $this->assertCount(
            2,
            $this->find(
                $page,
                "//*[@id='rolls']//*[contains(@class, 'mesh') and .//*[local-name()='title' and contains(text(), 'start "
                    ."tail')]]/self::section",
            ),
        );
    }

    public function test_ties_are_named_by_their_numbers(): void
    {
        $plan = $this->hang();
        $page = $this->edit($plan, ['set' => ['parts.outer.on' => [['ties']]]])->assertOk();
        $this->assertSame(['ties', '1'], $this->fields($page, 'parts.outer.on'));
        $page = $this->edit($plan, ['set' => ['parts.outer.on' => [['ties', '7, 9 and 11 to 13']]]])->assertOk();
        $this->assertSame(['ties', '7, 9 and 11 to 13'], $this->fields($page, 'parts.outer.on'));
        $this->assertStringContainsString('Cut 5 ruffles', $this->sentence($page, 'parts.outer'));
        $page = $this->edit($plan, ['set' => ['parts.outer.on' => [['every tie', '7, 9 and 11 to 13']]]])->assertOk();
        $this->assertStringContainsString('Cut 18 ruffles', $this->sentence($page, 'parts.outer'));
    }

    #[TestWith(['ties', '40', '40'])]
    #[TestWith(['sections', '9', '9'])]
    #[TestWith(['ties', 'some', 'tie'])]
    public function test_ties_that_are_not_there_are_said_at_the_sentence(string $choice, string $numbers, string $says): void
    {
        $plan = $this->hang();
        $page = $this->edit($plan, ['set' => ['parts.outer.on' => [[$choice, $numbers]]]])->assertStatus(422);
        $this->assertStringContainsString($says, $this->texts($page, "//*[@id='line-parts-outer']//p[@id='problem']")[0]);
        $this->assertStringContainsString('Cut 12 ruffles', $this->sentence($page, 'parts.outer'));
    }

    public function test_six_layers_on_one_tie_are_told_of_at_the_last(): void
    {
        $plan = $this->hang();
        foreach (range(1, 5) as $more) {
            $page = $this->edit($plan, ['do' => 'add-part'])->assertOk();
        }
        $warned = $this->find($page, "//*[starts-with(@id, 'line-parts-') and .//*[@class='advice']/p/b[text()='Very full.']]");
        $this->assertSame(
            array_slice($this->find($page, "//*[starts-with(@id, 'line-parts-')]"), -1)[0]->getAttribute('id'),
            $warned[0]->getAttribute('id'),
        );
    }

    public function test_a_layer_too_many_is_left_out_by_a_remedy(): void
    {
        $plan = $this->hang();
        foreach (range(1, 5) as $more) {
            $page = $this->edit($plan, ['do' => 'add-part'])->assertOk();
        }
        $button = array_slice(
            $this->find($page, "//button[@class='remedy' and starts-with(normalize-space(), 'Leave the last 5 layers out')]"),
            -1,
        )[0];
        $sent = [];
        foreach ($button->parentNode->getElementsByTagName('input') as $input) {
            $sent[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        $this->assertSame('remove-part', $sent['do']);
        $this->post($button->parentNode->getAttribute('action'), $sent, ['HX-Request' => 'true'])->assertOk();
        $this->assertCount(2, $plan->fresh()->plan()->parts);
    }

    public function test_a_roll_for_a_little_is_saved_by_a_remedy(): void
    {
        $plan = $this->hang('fair-gate-three-strands');
        $page = $this->get("/plans/$plan->id");
        $this->assertStringContainsString(
            'A roll for a little. Roll 3 of each of',
            $this->texts($page, "//*[@id='line-parts-l1']//*[@class='advice']")[0],
        );
        $remedies = $this->texts($page, "//button[@class='remedy']");
        $this->assertStringContainsString('Pitch 7 1/4 in 24 poofs a roll (178 in of 180 in); Rust mesh, Honey jute mesh and Cream jute mesh: opens 2 rolls, ', $remedies[0]);
        $page = $this->edit($plan, ['set' => ['parts.l1.pitch' => '7 1/4 in']])->assertOk();
        $this->assertStringNotContainsString('A roll for a little', (string) $page->getContent());
    }

    public function test_a_caution_stands_at_the_first_step_it_matters_at(): void
    {
        $plan = $this->hang('pavilion-six-layers');
        $page = $this->get("/plans/$plan->id");
        $this->assertCount(1, $this->find($page, "//p[@class='caution' and contains(text(), 'Cut away from the hand')]"));
        $this->assertCount(2, $this->find($page, "//*[@id='line-parts-l1']/p[@class='caution']"));
        $page = $this->get('/plans/'.$this->hang('town-hall-wide-poofs')->id);
        $this->assertCount(1, $this->find($page, "//p[@class='caution' and contains(text(), 'zip ties')]"));
        $page = $this->get('/plans/'.$this->hang()->id);
        $this->assertCount(0, $this->find($page, "//p[@class='caution' and contains(text(), 'zip ties')]"));
    }

    /** @return list<string> what its fields hold, in order */
    private function fields(TestResponse $page, string $address): array
    {
        return array_map(function (DOMElement $field): string {
            $chosen = array_values(
                array_filter(
                    iterator_to_array($field->getElementsByTagName('option')),
                    fn (DOMElement $option): bool => $option->hasAttribute('selected'),
                ),
            );

            return $field->tagName === 'select'
                ? ($chosen[0] ?? $field->getElementsByTagName('option')->item(0))->getAttribute('value')
                : $field->getAttribute('value');
        }, $this->find($page, "//*[starts-with(@name, 'set[$address]') and not(@type='hidden')]"));
    }

    private function sentence(TestResponse $page, string $address): string
    {
        return $this->texts($page, "//*[@id='line-".strtr($address, '.', '-')."']//div[contains(@class, 'sentence')]")[0];
    }

    /** What the command line says of the layer, without blanks. */
    private function said(SavedPlan $plan): string
    {
        $read = $plan->fresh()->plan();

        return Recipe::of($read, app(Engine::class)->work($read))->parts[0]->text();
    }

    private function figure(TestResponse $page, string $label): string
    {
        return $this->texts($page, "//details[@id='fact-elements']/summary/b")[0]." $label";
    }
}
