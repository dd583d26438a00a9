<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Models\SuggestSearch;
use App\Settings\House;
use App\Suggest\FromTheShelf;

/** What can I make? A search of wishes over the shelf, in short stretches. */
final class SuggestTest extends FeatureCase
{
    use HasSage;

    public function test_the_first_answers_are_there_at_once_and_one_is_opened_as_a_plan(): void
    {
        $this->sage('10 yd by label, 150 in');
        $search = $this->begin(['wishes.minutes' => '60']);
        $this->assertGreaterThan(0, $search->next);
        $this->assertLessThan($search->total, $search->next, 'the page does not wait for all of it');
        $page = $this->get("/suggest/$search->id")->assertOk();
        $names = $this->texts($page, "//ol[@class='suggested']//h2");
        $this->assertNotSame([], $names);
        $this->assertCount(1, $this->find($page, '//*[@hx-post]'), 'it goes on by itself');

        $this->post("/suggest/$search->id/plans", ['number' => '0'])->assertRedirect();
        $plan = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame($names[0], $plan->name);
        $this->assertStringContainsString('(shelf', implode(' ', $plan->plan()->wound()[0]->slip->write()['onHand']));
        $this->post("/suggest/$search->id/plans", ['number' => '999'])->assertRedirect("/suggest/$search->id")->assertSessionHas('refused');
    }

    public function test_it_goes_on_step_by_step_until_it_is_done_or_stopped(): void
    {
        $this->sage('10 yd by label, 150 in');
        $search = $this->begin(['wishes.skill' => 'beginner', 'wishes.minutes' => '30']);
        for ($steps = 0; ! $search->fresh()->isDone() && $steps < 40; $steps++) {
            $this->post("/suggest/$search->id/step", [], ['HX-Request' => 'true'])->assertOk();
        }
        $this->assertTrue($search->fresh()->isDone());
        $this->assertSame([], $this->find($this->get("/suggest/$search->id"), '//*[@hx-post]'));

        $stopped = $this->begin([]);
        $this->post("/suggest/$stopped->id/stop")->assertRedirect("/suggest/$stopped->id");
        $before = $stopped->fresh()->next;
        $this->post("/suggest/$stopped->id/step")->assertRedirect();
        $this->assertSame($before, $stopped->fresh()->next);
        $this->get("/suggest/$stopped->id")->assertSee('Stopped');
    }

    public function test_two_windows_on_one_search_and_two_searches_at_once(): void
    {
        $this->sage('10 yd by label, 150 in');
        [$search, $other] = [$this->begin([]), $this->begin(['wishes.full' => 'light'])];
        $inAnotherWindow = SuggestSearch::query()->findOrFail($search->id);
        $search->goOn();
        $after = [$search->next, $search->fits];
        $inAnotherWindow->goOn();
        $this->assertSame($after, [$inAnotherWindow->next, $inAnotherWindow->fits], 'what the first of them found stands, and is not counted twice');
        $this->assertSame($other->next, $other->fresh()->next);
    }

    public function test_nothing_fits_says_what_to_loosen(): void
    {
        $this->sage('10 yd by label, 150 in');
        $search = $this->begin(['wishes.minutes' => '2', 'wishes.skill' => 'beginner']);
        while (! $search->isDone()) {
            $search->goOn();
        }
        $this->get("/suggest/$search->id")->assertSee('Nothing fits all of that.')->assertSee('One of these would be enough')->assertSee('minutes more.');

        ShelfItem::query()->update(['archived_at' => now()]);
        $this->get('/suggest/'.$this->begin([])->id)->assertSee('There is no mesh to make it of');
    }

    public function test_what_other_plans_hold_is_not_suggested_and_a_search_keeps_what_lay_there_when_it_began(): void
    {
        $sage = $this->sage('10 yd by label');
        $before = $this->begin(['wishes.skill' => 'beginner']);
        $plan = $this->plan($sage, 'Holds it', '19 in');
        $this->ready($plan)->assertSessionHas('said');
        $after = $this->begin(['wishes.skill' => 'beginner']);
        // 18 x 19 in of 360 in are reserved.
        $this->assertSame(
            [['360 in by label (shelf 1)'], ['18 in by label (shelf 1)']],
            [$before->given['materials'][0]['onHand'], $after->given['materials'][0]['onHand']],
        );
        foreach ([[$before, true], [$after, false]] as [$search, $fits]) {
            for ($steps = 0; $search->found === [] && ! $search->isDone() && $steps < 12; $steps++) {
                $search->goOn();
            }
            $this->assertSame($fits, $search->found !== []);
        }
    }

    public function test_forms_from_the_shelf_and_a_form_that_is_gone(): void
    {
        $this->sage('10 yd by label, 150 in');
        $this->post('/plans/'.$this->hang('barn-wedding-heart')->id.'/form')->assertRedirect();
        $form = ShelfForm::query()->firstOrFail();
        $its = $this->begin([], ['form' => "f$form->id"]);
        $this->assertSame([$form->name], array_column($its->given['forms'], 'name'));
        $this->assertSame(['Ring', $form->name], array_column($this->begin([], ['form' => 'any'])->given['forms'], 'name'));
        $form->delete();
        $this->assertSame(['Ring'], array_column($this->begin([], ['form' => "f$form->id"])->given['forms'], 'name'));
        $this->get("/suggest/$its->id")->assertOk();
    }

    public function test_wishes_that_cannot_be_read_stay_typed_at_their_blank(): void
    {
        $page = $this->post('/suggest', ['set' => ['wishes.budget' => 'cheap', 'wishes.minutes' => '40']])->assertStatus(422);
        foreach (['budget' => 'cheap', 'minutes' => '40'] as $key => $typed) {
            $this->assertSame($typed, $this->blank($page, "wishes.$key")->getAttribute('value'));
        }
        $this->assertSame('true', $this->blank($page, 'wishes.budget')->getAttribute('aria-invalid'));
        $this->post('/suggest', ['set' => ['wishes.from' => '30 in', 'wishes.to' => '20 in']])->assertStatus(422)->assertSee('let the second be the larger');
        $this->post('/suggest', ['set' => ['wishes.nothing' => '1']])->assertStatus(422)->assertSee('has no blank');
        $this->assertSame(0, SuggestSearch::query()->count());
        $this->get('/suggest/9')->assertNotFound();
    }

    public function test_what_is_chosen_and_what_lies_there_comes_before_a_hundred_meshes_that_are_used_up(): void
    {
        foreach (range(1, 101) as $number) {
            ShelfItem::begin('mesh', ['name' => "Mesh $number"]);
        }
        $sage = $this->sage('10 yd by label, 150 in');
        ShelfItem::begin('stems', ['name' => 'Brown stems'])->takePieces(100);
        foreach ([[], [$sage->id]] as $only) {
            $given = FromTheShelf::given(app(House::class), 'usual', $only);
            $this->assertSame('Sage mesh', $given->wound[0]['name']);
            $this->assertSame(['stems'], array_column($given->goods, 'kind'));
        }
        $this->assertCount(1, $given->wound);
    }

    public function test_only_the_meshes_that_are_chosen_are_used_and_old_searches_go(): void
    {
        [$sage] = [$this->sage('10 yd by label, 150 in')];
        $search = $this->begin([], ['only' => [(string) $sage->id, 'x', '99']]);
        $this->assertSame([$sage->name], array_column($search->given['materials'], 'name'));
        for ($more = 0; $more < 32; $more++) {
            SuggestSearch::query()->create($search->fresh()->only(['wishes', 'currency', 'form', 'only', 'given', 'found', 'misses']));
        }
        $this->begin([]);
        $this->assertSame(30, SuggestSearch::query()->count());
    }

    private function begin(array $set, array $more = []): SuggestSearch
    {
        $this->post('/suggest', ['set' => $set] + $more)->assertRedirect();

        return SuggestSearch::query()->latest('id')->firstOrFail();
    }
}
