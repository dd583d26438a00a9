<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Log\Writing;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Settings\House;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** What a year of the log adds up: pieces, mesh, hours, what was sold and what an hour earned. */
final class LogYearsTest extends FeatureCase
{
    public function test_a_year_counts_pieces_and_not_entries(): void
    {
        $plan = $this->everyday();
        $this->entry($plan, ['entry.made' => '2026-02-01', 'entry.copies' => '3', 'entry.soldFor' => '30']);
        $this->entry($plan, ['entry.made' => '2026-01-01']);
        $this->entry($plan, ['entry.made' => '2025-12-31', 'entry.copies' => '2']);
        // 342 in are 9.5 yd, four and two times.
        $this->assertSame([['2026', '4', '38.0 yd'], ['2025', '2', '19.0 yd']], array_map(fn (array $row): array => array_slice($row, 0, 3), $this->years('')));
        $this->assertSame(['$90.00', 'nothing yet'], array_column($this->years(''), 4));
        $this->assertSame([['2025', '2']], array_map(fn (array $row): array => array_slice($row, 0, 2), $this->years('year=2025')));
    }

    public function test_hours_are_those_that_were_timed_and_else_those_that_were_said(): void
    {
        $plan = $this->everyday();
        $entry = $this->entry($plan, ['entry.made' => '2026-02-01']);
        $said = array_sum(array_map(fn ($time): float => $time->said, $entry->workTimes()));
        $this->assertSame(number_format($said / 60, 1).' h', $this->years('')[0][3]);
        $took = [];
        foreach (array_keys($entry->workTimes()) as $at) {
            $took["times.$at"] = '30';
        }
        Writing::in($entry, $took);
        $this->assertSame(number_format(count($took) / 2, 1).' h', $this->years('')[0][3]);
    }

    public function test_currencies_are_never_added_to_each_other(): void
    {
        $dollars = $this->everyday();
        $this->entry($dollars, ['entry.made' => '2026-02-01', 'entry.soldFor' => '30', 'times.2' => '10']);
        app(House::class)->countIn(Currency::JapaneseYen, mayRound: true);
        $yen = $this->everyday(['settings' => ['currency' => 'JPY'], 'materials' => [['label' => 'measured', 'price' => '900']]]);
        $this->entry($yen, ['entry.made' => '2026-03-01', 'entry.soldFor' => '4800', 'times.2' => '10']);
        $year = $this->years('')[0];
        $this->assertStringContainsString('$30.00', $year[4]);
        $this->assertMatchesRegularExpression('/¥ ?4,?800/', $year[4]);
        $this->assertStringContainsString(' + ', $year[5]);
        $this->get('/log/'.LogEntry::query()->max('id'))->assertOk()->assertSee('Sold for');
        $this->assertStringContainsString('JPY', $this->get('/log.csv')->assertOk()->streamedContent());
    }

    public function test_what_was_priced_in_another_currency_than_its_hour_says_nothing_of_an_hour(): void
    {
        $yen = $this->everyday(['settings' => ['currency' => 'JPY']]);
        $this->entry($yen, ['entry.made' => '2026-03-01', 'entry.soldFor' => '4800', 'times.2' => '10']);
        $this->assertSame('-', $this->years('')[0][5]);
        $this->get('/log/1')->assertOk();
    }

    /** 3 x 108 in are cut from one roll of 360 in, and 54 stems are three packs of 25. */
    public function test_what_is_made_together_opens_its_rolls_and_packs_together(): void
    {
        $plan = $this->everyday(['settings' => ['cost' => 'opened'], 'parts' => [['length' => '6 in']]]);
        $one = $this->entry($plan, ['entry.soldFor' => '30']);
        $three = $this->entry($plan, ['entry.soldFor' => '30', 'entry.copies' => '3']);
        // 6.50 for the roll, 1.25 a pack, 1.75 a form; overhead is a tenth of that.
        $this->assertSame([950, '1955'], [$one->sums['materials'], $one->sums['earned']]);
        $this->assertSame([650 + 3 * 125 + 3 * 175, '7295'], [$three->sums['materials'], $three->sums['earned']]);
    }

    public function test_in_centimetres_mesh_is_counted_in_metres(): void
    {
        app(House::class)->measureIn(Units::Metric);
        $this->entry($this->everyday(), ['entry.made' => '2026-03-01']);
        // 342 in
        $this->assertSame('8.7 m', $this->years('')[0][2]);
    }

    public function test_a_place_of_sale_takes_its_share_and_a_neighbour_none(): void
    {
        $plan = $this->everyday();
        $this->post('/prices/edits', ['set' => ['places.p1.name' => 'The fair', 'places.p1.fee' => '20 %']]);
        $fair = $this->entry($plan, ['entry.soldFor' => '40', 'entry.soldAt' => 'the FAIR']);
        $neighbour = $this->entry($plan, ['entry.soldFor' => '40', 'entry.soldAt' => 'a neighbour']);
        $this->assertGreaterThanOrEqual(800, (int) $neighbour->sums['earned'] - (int) $fair->sums['earned']);
        $this->assertSame($fair->sums['materials'], $neighbour->sums['materials']);
    }

    public function test_the_book_has_pages_and_each_entry_is_on_one(): void
    {
        $first = $this->entry($this->everyday(), ['entry.made' => '2026-01-01']);
        for ($day = 2; $day <= 50; $day++) {
            $copy = $first->replicate();
            $copy->fill(['made_on' => sprintf('2026-%02d-%02d', 1 + intdiv($day, 28), 1 + $day % 28), 'name' => "Piece $day"])->save();
        }
        $shown = [];
        foreach ([1, 2, 3] as $page) {
            array_push($shown, ...$this->texts($this->get("/log?page=$page")->assertOk(), "//article[contains(@class, 'leaf')]//h2"));
        }
        $this->assertCount(50, $shown);
        $this->assertCount(50, array_unique($shown));
        $this->get('/log?page=2&season='.$first->season)->assertSee('25 to 48 of 50')->assertSee("season=$first->season", false);
        $this->assertSame('50', $this->years('page=2')[0][1], 'a year adds up all pages');
    }

    public function test_the_plan_that_is_asked_for_is_offered_however_many_there_are_and_two_of_a_name_are_told_apart(): void
    {
        $oldest = $this->everyday(['name' => 'Zinnias for the porch']);
        $oldest->newQuery()->whereKey($oldest->id)->update(['updated_at' => '2020-01-01 00:00:00']);
        $rows = array_map(fn (int $at): array => ['name' => "Wreath $at", 'created_at' => now(), 'updated_at' => now()] + $oldest->getRawOriginal(), range(1, 201));
        DB::table('plans')->insert(array_map(fn (array $row): array => array_diff_key($row, ['id' => 1]), $rows));
        DB::table('plans')->where('name', 'Wreath 7')->update(['name' => 'Wreath 8']);
        $offered = fn (string $path): array => $this->texts($this->get($path)->assertOk(), "//form[@action and .//button[text()='Write it down']]//option");
        $this->assertCount(200, $offered('/log'));
        $this->assertNotContains('Zinnias for the porch', $offered('/log'));
        $there = $offered("/log?plan=$oldest->id");
        $this->assertSame('Zinnias for the porch', $there[200]);
        $this->assertSame(['Zinnias for the porch'], $this->texts($this->get("/log?plan=$oldest->id"), "//select[@name='plan']/option[@selected][contains(., 'Zinnias')]"));
        $this->assertCount(2, preg_grep('/^Wreath 8, begun \w+ \d+, \d\d:\d\d$/', $there));
        $this->assertSame(['Wreath 10', 'Wreath 11'], array_slice($there, (int) array_search('Wreath 10', $there, true), 2), 'in their natural order');
    }

    #[TestWith(['q=%25'])]
    #[TestWith(["q=' or 1=1 --"])]
    #[TestWith(['q[]=x&season[]=y&technique[]=z&plan[]=1&year[]=2'])]
    #[TestWith(['season=monsoon'])]
    #[TestWith(['technique=%00'])]
    #[TestWith(['plan=-1&year=99999999999999999999'])]
    #[TestWith(['page=-3'])]
    public function test_whatever_is_asked_for_is_answered(string $query): void
    {
        $this->entry($this->everyday(), []);
        $this->get("/log?$query")->assertOk();
        $this->get("/log.csv?$query")->assertOk();
        $this->get("/log.json?$query")->assertOk();
    }

    public function test_a_percent_sign_is_looked_for_and_no_wildcard(): void
    {
        $this->entry($this->everyday(), ['entry.occasion' => 'a 50 % sale']);
        $this->entry($this->everyday(), ['entry.occasion' => 'a fair']);
        $this->assertCount(1, $this->find($this->get('/log?q=%25'), "//article[contains(@class, 'leaf')]"));
        $this->assertCount(2, $this->find($this->get('/log?q=RUFFLE'), "//article[contains(@class, 'leaf')]"));
    }

    public function test_a_plan_that_is_put_away_or_gone_leaves_its_pieces_in_the_log(): void
    {
        $plan = $this->everyday();
        $entry = $this->entry($plan, ['entry.wide' => '22 in']);
        $this->delete("/plans/$plan->id");
        $this->get("/log/$entry->id")->assertOk()->assertSee('its plan was taken down');
        $this->get("/log?plan=$plan->id")->assertOk()->assertSee($entry->name);
        DB::table('plans')->where('id', $plan->id)->delete();
        $this->assertNull($entry->fresh()->plan_id);
        $this->get("/log/$entry->id")->assertOk()->assertDontSee('its plan');
        $this->post("/log/$entry->id/plan")->assertRedirectContains('/plans/');
        $this->post("/log/$entry->id/edits", ['set' => ['entry.wide' => '23 in']])->assertRedirect();
        $this->assertSame('23 in', $entry->fresh()->slip()->write()['wide']);
    }

    /** @param  array<string, mixed>  $document */
    private function everyday(array $document = []): SavedPlan
    {
        return SavedPlan::start(app(PlanReader::class)->read($document + ['materials' => [['label' => 'measured', 'rolls' => 1]], 'parts' => [[]]]), 'begun');
    }

    /** @param  array<string, string>  $typed */
    private function entry(SavedPlan $plan, array $typed): LogEntry
    {
        $entry = NewEntry::byHand($plan->fresh(), '2026-03-08');
        Writing::in($entry, $typed);

        return $entry->fresh();
    }

    /** @return list<list<string>> the years as they stand there, cell by cell */
    private function years(string $query): array
    {
        $page = $this->get("/log?$query")->assertOk();

        return array_map(
            fn (int $row): array => $this->texts($page, "//table[@class='years']/tbody/tr[$row]/*"),
            range(1, max(1, count($this->find($page, "//table[@class='years']/tbody/tr")))),
        );
    }
}
