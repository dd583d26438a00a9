<?php

namespace Tests\Feature;

use App\Editor\Regions;
use App\Models\SavedPlan;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** An answer in regions, laid over the page that asked for it, is the page as it would have been drawn anew. */
final class RegionsTest extends FeatureCase
{
    /** What a page with script says itself, whatever region it stands in. */
    private const SAID_BY_THE_PAGE = "//input[@type='hidden'][@name='_token' or @name='revision' or @name='side' or @name='tie' or @name='mesh']";

    /** @param  array<string, mixed>  $edit */
    #[TestWith(['band-door-teal-and-gold', ['set' => ['parts.outer.length' => '20 in']]])]
    #[TestWith(['band-door-teal-and-gold', ['set' => ['settings.units' => 'centimetres']]])]
    #[TestWith(['band-door-teal-and-gold', ['do' => 'add-part']])]
    #[TestWith(['band-door-teal-and-gold', ['do' => 'add-mesh']])]
    #[TestWith(['band-door-teal-and-gold', ['set' => ['form.kind' => 'stick']]])]
    #[TestWith(['pavilion-six-layers', ['set' => ['parts.l3.length' => '8 1/8 in']]])]
    #[TestWith(['pavilion-six-layers', ['do' => 'part-earlier', 'id' => 'l3']])]
    #[TestWith(['pavilion-six-layers', ['do' => 'remove-part', 'id' => 'l2']])]
    #[TestWith(['pavilion-six-layers', ['do' => 'add-ties']])]
    #[TestWith(['kite-festival-in-turn', ['do' => 'paint', 'id' => '3', 'to' => 'sky']])]
    public function test_an_edit_laid_over_the_page_gives_the_page_as_it_is_after_it(string $name, array $edit): void
    {
        $plan = $this->hang($name);
        $before = $this->get("/plans/$plan->id");
        $this->edit($plan, $edit)->assertOk();
        $this->assertLaidOver($plan, $before, '');
    }

    #[TestWith(['?tie=3'])]
    #[TestWith(['?side=back'])]
    #[TestWith(['?mesh=off&tie=2'])]
    public function test_so_does_another_view_of_it(string $view): void
    {
        $plan = $this->hang();
        $this->assertLaidOver($plan, $this->get("/plans/$plan->id"), $view);
    }

    public function test_what_did_not_change_is_not_sent(): void
    {
        $plan = $this->hang('pavilion-six-layers');
        $page = $this->get("/plans/$plan->id");
        $again = $this->get("/plans/$plan->id", ['HX-Request' => 'true', Regions::HEADER => self::marks($page)]);
        $this->assertSame([], $this->find($again, '//*[@data-mark]'));
        $this->assertLessThan(strlen((string) $page->getContent()) / 8, strlen((string) $again->getContent()));
    }

    public function test_where_something_is_refused_all_is_drawn_and_drawn_again_afterwards(): void
    {
        $plan = $this->hang();
        $marks = self::marks($this->get("/plans/$plan->id"));
        $refused = $this->post(
            "/plans/$plan->id/edits",
            ['set' => ['parts.outer.length' => '999 yd'], 'revision' => $plan->revision_id],
            ['HX-Request' => 'true', Regions::HEADER => $marks],
        )->assertStatus(422);
        $this->assertSame('999 yd', $this->blank($refused, 'parts.outer.length')->getAttribute('value'));
        $this->assertSame([], $this->find($refused, '//*[@data-same or @data-mark]'));
    }

    private function assertLaidOver(SavedPlan $plan, TestResponse $before, string $view): void
    {
        $answer = $this->get("/plans/$plan->id$view", ['HX-Request' => 'true', Regions::HEADER => self::marks($before)]);
        $anew = $this->get("/plans/$plan->id$view", ['HX-Request' => 'true']);
        [$page, $laid, $whole] = [self::document($before), self::document($answer), self::document($anew)];
        $same = iterator_to_array((new DOMXPath($laid))->query('//*[@data-same]') ?: []);
        $this->assertNotSame([], $same, 'something stays as it was');
        foreach ($same as $stands) {
            assert($stands instanceof DOMElement);
            $shown = (new DOMXPath($page))->query("//*[@id='{$stands->getAttribute('id')}']")?->item(0);
            $this->assertNotNull($shown, $stands->getAttribute('id'));
            $stands->parentNode?->replaceChild($laid->importNode($shown, true), $stands);
        }
        $this->assertSame(self::text($whole), self::text($laid));
    }

    private static function marks(TestResponse $page): string
    {
        preg_match_all('/data-mark="(\w+)"/', (string) $page->getContent(), $found);

        return implode($found[1]);
    }

    private static function document(TestResponse $response): DOMDocument
    {
        $document = new DOMDocument;
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$response->getContent());
        foreach (iterator_to_array((new DOMXPath($document))->query(self::SAID_BY_THE_PAGE) ?: []) as $input) {
            $input->parentNode?->removeChild($input);
        }

        return $document;
    }

    private static function text(DOMDocument $document): string
    {
        $editor = (new DOMXPath($document))->query("//*[@id='editor']")?->item(0);

        return (string) preg_replace('/\s+/', ' ', (string) $document->saveHTML($editor));
    }
}
