<?php

namespace Tests\Feature;

use App\Guide\States;
use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Settings\House;
use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Supply\Origin;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** The guide teaches: a page for each thing, drawn step by step, found by whatever it is called, and one to try. */
final class GuideTest extends FeatureCase
{
    use HasSage;

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (Guide::of(Craft::standard())->pages as $key => $page) {
            yield $key => [$key];
        }
    }

    #[DataProvider('pages')]
    public function test_a_page_shows_its_steps_what_went_wrong_and_what_to_mind(string $key): void
    {
        $page = app(Guide::class)->pages[$key];
        $answer = $this->get("/guide/$key")->assertOk()->assertSee($page->title)->assertSee('Gone wrong?')->assertSee('Mend it:');
        $drawn = $this->find($answer, "//ol[contains(@class, 'guide-steps')]/li/*[name()='svg']");
        $this->assertCount(count($page->steps) + 1, $drawn);
        foreach ($drawn as $number => $svg) {
            $this->assertGreaterThan(0, $svg->getElementsByTagName('path')->length + $svg->getElementsByTagName('use')->length, "step $number of $key");
        }
        if ($page->cautions !== []) {
            $answer->assertSee('licensed professionals');
        }
    }

    public function test_a_house_of_centimetres_is_taught_in_centimetres(): void
    {
        app(House::class)->measureIn(Units::Metric);
        foreach (['ruffle', 'looped-bow', 'mesh-from-the-roll', 'inner-mid-two-outer', 'ribbon-tails', 'first-wreath', 'words'] as $page) {
            $words = implode(' ', $this->texts($this->get("/guide/$page")->assertOk(), '//main'));
            $this->assertStringContainsString('cm', $words, $page);
            $this->assertDoesNotMatchRegularExpression('/\d in\b(?! (all|2 out)\b)|\d yd\b|(?<!uses every )\binch/', $words, $page);
        }
        $this->get('/guide/ruffle')->assertSee('30.5 cm on a small form')->assertSee('48.26 cm');
        $this->get('/try?technique=ruffle')->assertSee('48.5 cm')->assertDontSee('19 in');
        $this->assertNotSame([], $this->texts($this->get('/guide?q=25.5+cm'), "//a[@class='guide-card']"), 'and is found by them');
    }

    /** No two steps of a page look alike: each shows what changed in the hand. */
    public function test_each_step_is_another_drawing(): void
    {
        $states = app(States::class);
        foreach (app(Guide::class)->pages as $page) {
            $kind = Craft::standard()->parts[$page->key] ?? null;
            $sample = $kind === null ? null : Sample::of($kind, app(PlanReader::class), app(Engine::class));
            $drawn = array_map(fn ($step): string => md5(serialize($states->draw($step->drawn, $sample)->layers).$step->drawn), [...$page->steps, $page->wrong]);
            $this->assertGreaterThanOrEqual(5, count(array_unique($drawn)), $page->title);
        }
        $this->expectException(LogicException::class);
        $states->draw('somersault 3', null);
    }

    #[TestWith(['cruffle', 'Curled ruffle'])]
    #[TestWith(['pipe cleaner', 'Chenille stem'])]
    #[TestWith(['bubble', 'Run of poofs'])]
    #[TestWith(['spike', 'Diagonal bundle'])]
    public function test_it_is_found_by_what_others_call_it(string $sought, string $title): void
    {
        $this->assertSame($title, $this->texts($this->get('/guide?q='.urlencode($sought))->assertOk(), "//a[@class='guide-card']//b")[0]);
    }

    public function test_each_page_has_a_picture_of_its_own_that_is_fetched_once(): void
    {
        $index = $this->get('/guide')->assertOk();
        $this->assertLessThan(60_000, strlen($index->getContent()));
        $pictures = array_map(fn ($img): string => $img->getAttribute('src'), $this->find($index, "//a[@class='guide-card']/img[@loading='lazy']"));
        $this->assertCount(count(app(Guide::class)->pages), array_unique($pictures));
        $drawn = [];
        foreach ($pictures as $address) {
            $picture = $this->get($address, ['Accept-Encoding' => 'identity'])->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
            $this->assertStringContainsString('immutable', (string) $picture->headers->get('Cache-Control'));
            $svg = simplexml_load_string($picture->getContent());
            $this->assertNotFalse($svg, $address);
            $this->assertGreaterThan(0, count($svg->xpath("//*[local-name()='path' or local-name()='use']")), $address);
            preg_match_all('/url\(#([^)]+)\)/', $picture->getContent(), $used);
            $this->assertSame([], array_diff($used[1], array_map(strval(...), $svg->xpath('//@id'))), "$address is whole in itself");
            $drawn[] = preg_replace('/<title>.*<\/title>/', '', $picture->getContent());
        }
        $this->assertCount(count($drawn), array_unique($drawn));
        $this->get('/guide/xylophone.svg')->assertNotFound();
    }

    public function test_the_guide_lists_all_of_it_and_says_where_nothing_is_found(): void
    {
        $index = $this->get('/guide')->assertOk();
        $this->assertCount(count(app(Guide::class)->pages), $this->find($index, "//a[@class='guide-card']"));
        $this->get('/guide?q=xylophone')->assertOk()->assertSee('Nothing in the guide is called "xylophone"');
        $this->get('/guide/xylophone')->assertNotFound();
        $this->get('/guide/words')->assertOk()->assertSee('pipe cleaner');
        $this->assertCount(12, $this->find($this->get('/guide/first-wreath')->assertOk(), "//ol[@class='guide-steps']/li"));
    }

    public function test_sentences_and_steps_at_the_bench_lead_to_their_pages(): void
    {
        $plan = $this->hang();
        $links = array_map(fn ($a): string => $a->getAttribute('href'), $this->find($this->get("/plans/$plan->id"), "//a[text()='how to']"));
        $this->assertSame(['/guide/inner-mid-two-outer', '/guide/ruffle', '/guide/ruffle'], $links);
        $this->post("/plans/$plan->id/build", ['pieces' => '1']);
        $bench = $this->get('/builds/'.Build::query()->firstOrFail()->id);
        $this->assertContains('/guide/mesh-from-the-roll', array_map(fn ($a): string => $a->getAttribute('href'), $this->find($bench, "//p[@class='bench-tool']/a")));
    }

    public function test_one_is_tried_with_a_cut_of_its_own_a_count_and_a_check(): void
    {
        $this->get('/try')->assertOk()->assertSee('Nothing short enough to be spared lies on the shelf');
        $this->sage('10 yd by label, 131 in, 2 x 24 in');
        $try = $this->get('/try?technique=curled-ruffle')->assertOk();
        $try->assertSee('off the 2 x 24 in of Sage mesh that lie on the shelf')->assertSee('Count: 1 curled ruffle made, 1 tie used.')->assertSee('Two twists under the mesh');
        $this->get('/try?technique=ruffle&reach=4+7%2F8+in&minutes=2')->assertSee('just as it should be')->assertSee('Usual is 1 min');
        $this->get('/try?technique=ruffle&reach=3+in')->assertSee('it is still closed');
        $this->get('/try?technique=ruffle&reach=far&minutes=long')->assertOk()->assertSee('is not a length')->assertSee('is no time that I can read');
        $this->get('/try?technique=xylophone')->assertOk()->assertSee('Try one: ruffle');
        $this->assertSame(0, SavedPlan::query()->count(), 'nothing is written down');
        foreach (array_filter(app(Guide::class)->pages, fn (GuidePage $page): bool => $page->chapter->value === 'mesh') as $key => $page) {
            $this->get("/try?technique=$key")->assertOk();
        }
    }

    public function test_one_to_try_is_cut_off_the_shortest_that_is_long_enough_and_free(): void
    {
        ShelfItem::begin('mesh', ['name' => 'Wide mesh', 'width' => '21 in'])->take([new OnHand(1, Length::inches(26))]);
        $sage = $this->sage('3 x 40 in, 2 x 30 in, 50 in, 1 x 26 in');
        $sage->take(array_map(fn (int $eighths): OnHand => new OnHand(1, Length::inches(8, $eighths, 8)), range(1, 61)));
        $this->get('/try?technique=curled-ruffle')->assertSee('off the 26 in of Sage mesh that lie on the shelf');
        $sage->stock()->where('amount', Length::inches(26)->units)->firstOrFail()->useUp();
        $this->get('/try?technique=curled-ruffle')->assertSee('off the 2 x 30 in of Sage mesh that lie on the shelf');
    }

    public function test_for_a_first_wreath_a_forgiving_plan_is_picked_from_the_shelf(): void
    {
        $this->post('/try/first')->assertRedirect('/shelf')->assertSessionHas('refused');
        ShelfItem::begin('mesh', ['name' => 'Thin mesh', 'body' => 'see-through'])->take([], kept: '');
        $this->sage('1 x 10 yd measured, 1 x 60 in');
        $this->post('/try/first')->assertRedirect('/plans/1');
        $plan = SavedPlan::query()->firstOrFail()->plan();
        $result = app(Engine::class)->figures($plan);
        $this->assertSame(['Sage mesh'], array_map(fn ($wound): string => $wound->name(), $plan->usedWound()));
        $this->assertCount(1, $result->wound[0]->plan->rolls, 'one roll');
        $this->assertSame([], $result->wound[0]->plan->from(Origin::New), 'that lies there');
        $this->assertTrue($result->verdict->isGood());
        $this->assertContains($plan->parts[0]->kind->key(), ['ruffle', 'pancake', 'poof-run']);
        $this->get('/plans/1')->assertSee('Picked for a first wreath');
    }

    public function test_however_much_lies_there_that_frays_what_does_not_is_picked(): void
    {
        foreach (range(1, 8) as $number) {
            ShelfItem::begin('mesh', ['name' => "Burlap $number", 'body' => 'burlap'])->take([new OnHand(2, Length::yards(30))]);
        }
        $this->sage('1 x 10 yd measured');
        $this->post('/try/first')->assertRedirect('/plans/1');
        $this->assertSame('Sage mesh', SavedPlan::query()->firstOrFail()->plan()->usedWound()[0]->name());
    }
}
