<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfImport;
use Davrin\Core\PlanFile\PlanFile;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** The application over HTTP, with a plan on the wall. */
abstract class FeatureCase extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    protected function tearDown(): void
    {
        foreach (ShelfImport::query()->get() as $import) {
            @unlink($import->path());
        }
        parent::tearDown();
    }

    /** One of the demo's plans: "band-door-teal-and-gold", "garden-club-bee-stall", "library-reading-week". */
    protected function hang(string $name = 'band-door-teal-and-gold'): SavedPlan
    {
        return SavedPlan::start(app(PlanFile::class)->read((string) file_get_contents(database_path("demo/$name.json"))), 'begun');
    }

    /**
     * An edit as the page sends it, with script unless said otherwise.
     *
     * @param  array<string, mixed>  $fields
     */
    protected function edit(SavedPlan $plan, array $fields, bool $live = true): TestResponse
    {
        return $this->post(
            "/plans/$plan->id/edits",
            $fields + ['revision' => $plan->fresh()->revision_id],
            $live ? ['HX-Request' => 'true'] : [],
        );
    }

    /**
     * What an expression finds in the page.
     *
     * @return list<DOMElement>
     */
    protected function find(TestResponse $response, string $xpath): array
    {
        $document = new DOMDocument;
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$response->getContent());

        return array_values(
            array_filter(
                iterator_to_array((new DOMXPath($document))->query($xpath) ?: []),
                fn ($node): bool => $node instanceof DOMElement,
            ),
        );
    }

    /** @return list<string> */
    protected function texts(TestResponse $response, string $xpath): array
    {
        return array_map(
            fn (DOMElement $node): string => trim((string) preg_replace('/\s+/', ' ', $node->textContent)),
            $this->find($response, $xpath),
        );
    }

    protected function blank(TestResponse $response, string $address): DOMElement
    {
        return $this->find(
            $response,
            "//*[@name='set[$address]'][not(@type='hidden')]",
        )[0] ?? $this->fail("The page has no blank $address.");
    }
}
