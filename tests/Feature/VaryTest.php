<?php

namespace Tests\Feature;

use DOMElement;

/** A figure of a plan is varied on a page, and a value taken from it. */
final class VaryTest extends FeatureCase
{
    public function test_a_value_is_taken_from_the_table(): void
    {
        $plan = $this->hang('fair-gate-three-strands');
        $page = $this->get("/plans/$plan->id/vary?of=parts.l1.pitch&from=7&to=8")->assertOk()->assertSee('opens 6 rolls;');
        $this->assertSame(['6', '6', '6', '9'], array_slice($this->texts($page, '//tbody/tr/td[1]'), 0, 4));
        $form = $this->find($page, "//form[.//button[@aria-label='take it: 7 1/4 in']]")[0];
        $fields = [];
        foreach ($form->getElementsByTagName('input') as $input) {
            /** @var DOMElement $input */
            $fields[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        $this->assertSame('7 1/4 in', $fields['set[parts.l1.pitch]']);
        $this->post($form->getAttribute('action'), ['revision' => $fields['revision'], 'set' => ['parts.l1.pitch' => '7 1/4 in']])->assertRedirect();
        $this->assertSame('7 1/4 in', $plan->fresh()->plan()->part('l1')->on->slip->write()['pitch']);
    }

    public function test_what_cannot_be_tried_stays_typed(): void
    {
        $plan = $this->hang('fair-gate-three-strands');
        foreach (['from' => 'often', 'to' => '1 in', 'step' => '1/64 in'] as $field => $typed) {
            $page = $this->get("/plans/$plan->id/vary?".http_build_query([$field => $typed]))->assertOk();
            $blank = $this->find($page, "//input[@name='$field']")[0];
            $this->assertSame([$typed, 'true'], [$blank->getAttribute('value'), $blank->getAttribute('aria-invalid')]);
            $this->assertCount(1, $this->find($page, "//*[@id='problem']"));
        }
        $this->get("/plans/$plan->id/vary?of=nothing&from[]=7")->assertOk()->assertSee('rolls opened');
    }

    public function test_a_plan_without_mesh_says_so(): void
    {
        $plan = $this->hang();
        foreach ($plan->plan()->parts as $part) {
            $this->edit($plan, ['do' => 'remove-part', 'id' => $part->id])->assertOk();
        }
        $this->edit($plan, ['do' => 'remove-ties', 'id' => $plan->fresh()->plan()->ties->groups[0]->id]);
        $this->get("/plans/$plan->id/vary")->assertOk();
    }
}
