<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Log\Writing;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Settings\House;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use PHPUnit\Framework\Attributes\DataProvider;

/** A piece of the log once more: a new plan as it was made, from what lies on the shelf today. */
final class RemakeTest extends FeatureCase
{
    use HasSage;

    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (glob(__DIR__.'/../../database/demo/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    /** Where the shelf is empty it is the plan that it was, but for the rolls that are used up. */
    #[DataProvider('demoPlans')]
    public function test_any_piece_can_be_made_again(string $name): void
    {
        $entry = $this->entry($this->hang($name));
        $this->post("/log/$entry->id/plan")->assertRedirectContains('/plans/');
        $remade = SavedPlan::query()->latest('id')->firstOrFail();
        [$was, $is] = [$entry->design()->write(), $remade->plan()->write()];
        foreach (['form', 'ties', 'parts', 'settings'] as $key) {
            $this->assertEquals($was[$key] ?? null, $is[$key] ?? null, $key);
        }
        $this->assertSame(
            (string) app(Engine::class)->figures($entry->design())->tally->elements->value,
            (string) app(Engine::class)->figures($remade->plan())->tally->elements->value,
        );
        foreach ($remade->plan()->wound() as $wound) {
            $this->assertSame([], $wound->slip->write()['onHand'], $wound->name());
        }
    }

    public function test_what_the_shelf_does_not_know_is_named_and_keeps_its_price(): void
    {
        $entry = $this->entry($this->hang());
        $this->followingRedirects()->post("/log/$entry->id/plan")->assertOk()->assertSee('Not on the shelf under that name, so at the price of then: Teal stripe mesh');
    }

    public function test_it_is_laid_on_what_lies_there_and_not_on_what_others_hold(): void
    {
        $item = $this->sage('10 yd, 200 in');
        $plan = $this->plan($item, 'A ring', '19 in', 'ties 1, 2, 3, 4, 5, 6, 7, 8');
        $entry = $this->entry($plan);
        $this->ready($plan);
        $this->post("/log/$entry->id/plan");
        $remade = SavedPlan::query()->latest('id')->firstOrFail();
        // 152 in are held of the 560 in that lie there.
        $this->assertSame(['48 in (shelf 2)', '360 in by label (shelf 1)'], $remade->plan()->wound()[0]->slip->write()['onHand']);
        $this->assertSame(0, $remade->reservations()->count(), 'a new plan holds nothing');
        $this->assertNull($remade->ready_at);
    }

    public function test_a_roll_of_today_that_is_too_short_for_a_piece_leaves_it_as_it_was(): void
    {
        $item = $this->sage('10 yd');
        $entry = $this->entry($this->plan($item, 'A ring', '100 in', 'ties 1, 2'));
        $item->write('roll', '60 in');
        $this->post("/log/$entry->id/plan")->assertRedirectContains('/plans/');
        $remade = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame('100 in', $remade->plan()->parts[0]->on->slip->write()['length']);
        $this->get("/plans/$remade->id")->assertOk();
    }

    public function test_in_another_currency_than_the_shelf_the_prices_of_then_stand(): void
    {
        $item = $this->sage('10 yd');
        $item->write('price', '6.75');
        $entry = $this->entry($this->plan($item, 'A ring', '19 in'));
        app(House::class)->countIn(Currency::JapaneseYen, mayRound: true);
        $this->post("/log/$entry->id/plan")->assertRedirectContains('/plans/');
        $remade = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame(Currency::UsDollar, $remade->plan()->settings->currency());
        $this->assertSame($entry->design()->wound()[0]->slip->write()['price'], $remade->plan()->wound()[0]->slip->write()['price']);
    }

    public function test_it_is_worked_with_what_is_known_today_and_not_with_what_was_known_then(): void
    {
        $plan = $this->hang();
        $entries = array_map(fn (): LogEntry => $this->entry($plan, ['entry.wide' => '22 in']), range(1, 3));
        $this->assertSame('23 in', app(Engine::class)->figures($entries[0]->fresh()->design())->tally->across->value);
        $this->post("/log/{$entries[0]->id}/plan");
        $remade = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame('22 in', app(Engine::class)->figures($remade->plan())->tally->across->value);
        $this->assertStringNotContainsString('learned', $remade->revision->document);
        $this->assertStringContainsString('remade from the log', (string) $this->get("/plans/$remade->id/history")->getContent());
    }

    public function test_a_mesh_that_was_put_away_is_not_taken(): void
    {
        $item = $this->sage('10 yd');
        $entry = $this->entry($this->plan($item, 'A ring', '19 in'));
        $this->post("/shelf/$item->id/away");
        $this->assertNotNull(ShelfItem::query()->findOrFail($item->id)->archived_at);
        $this->followingRedirects()->post("/log/$entry->id/plan")->assertOk()->assertSee('Not on the shelf under that name');
    }

    /** @param  array<string, string>  $typed */
    private function entry(SavedPlan $plan, array $typed = []): LogEntry
    {
        $entry = NewEntry::byHand($plan->fresh(), '2026-03-08');
        Writing::in($entry, $typed);

        return $entry;
    }
}
