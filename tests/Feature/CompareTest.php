<?php

namespace Tests\Feature;

/** Two to four plans side by side. */
final class CompareTest extends FeatureCase
{
    public function test_plans_are_chosen_put_first_and_taken_out(): void
    {
        $ids = array_map(fn (string $name): int => $this->hang($name)->id, [
            'band-door-teal-and-gold', 'library-reading-week', 'barn-wedding-heart', 'hiking-club-stick', 'garden-club-wheel',
        ]);
        $this->get('/compare')->assertOk()->assertSee('Choose two plans');
        $this->get("/compare?plans[]=$ids[0]")->assertOk()->assertSee('One is chosen');
        $page = $this->get("/compare?plans[]=$ids[1]&plans[]=$ids[0]")->assertOk();
        $this->assertSame(['Library reading week', 'Band door, teal and gold'], $this->texts($page, '//thead//a[not(@class)]'));
        $this->assertSame(
            array_unique(array_map(fn ($svg): string => $svg->getAttribute('viewBox'), $this->find($page, '//thead//svg[@role]'))),
            [$this->find($page, '//thead//svg[@role]')[0]->getAttribute('viewBox')],
            'they are drawn to one scale',
        );
        $this->get($this->find($page, "//a[text()='put first']")[0]->getAttribute('href'))->assertSeeInOrder(['Band door, teal and gold', 'Library reading week']);
        $four = $this->get('/compare?'.http_build_query(['plans' => $ids]))->assertOk()->assertSee('Four are compared at once');
        $this->assertCount(5, $this->find($four, '//thead//th'));
        $this->get('/compare?'.http_build_query(['plans' => [$ids[0], $ids[1]], 'q' => 'wheel']))->assertSee('Garden club wheel')->assertDontSee('Hiking club');
    }

    public function test_whatever_is_asked_for_is_answered(): void
    {
        $id = $this->hang()->id;
        foreach (['plans=4', 'plans[]=abc&plans[]=-1', "plans[]=$id&plans[]=$id", 'plans[][]=1', 'plans[]=99999999999999999999', 'q[]=x'] as $query) {
            $this->get("/compare?$query")->assertOk();
        }
    }
}
