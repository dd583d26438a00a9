<?php

namespace Tests\Feature;

use App\Drawing\FormDrawing;
use App\Drawing\LayerDrawing;
use App\Drawing\Path;
use App\Editor\Side;
use App\Models\SavedPlan;
use Davrin\Core\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every kind of form with every technique, as a page and as a picture. */
final class EveryKindTest extends FeatureCase
{
    /** @return iterable<string, array{string, string}> */
    public static function kinds(): iterable
    {
        $craft = Craft::standard();
        foreach (array_keys($craft->forms) as $kind) {
            foreach (array_keys($craft->techniques) as $technique) {
                yield "$technique on $kind" => [$kind, $technique];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_it_is_shown_from_both_sides_with_and_without_mesh(string $kind, string $technique): void
    {
        $saved = SavedPlan::start($this->made($kind, $technique), 'begun');
        $ties = $saved->plan()->ties->count();
        foreach (['', '?side=back', '?mesh=off', '?side=back&mesh=off&tie=2'] as $query) {
            $page = $this->get("/plans/$saved->id$query")->assertOk();
            $this->assertCount($ties, $this->find($page, '//a[@data-tie-link]'));
            $this->assertStringContainsString('seen from the front. Seen from the', $this->find($page, "//div[@id='stage']/svg")[0]->getAttribute('aria-label'));
        }
        $this->get('/plans')->assertOk()->assertSee($saved->name);
    }

    #[DataProvider('kinds')]
    public function test_the_back_is_the_front_mirrored(string $kind, string $technique): void
    {
        $plan = $this->made($kind, $technique);
        [$front, $back] = [$this->drawing($plan, Side::Front), $this->drawing($plan, Side::Back)];
        foreach ($front->ties as $index => $tie) {
            $this->assertEqualsWithDelta([-$tie['x'], $tie['y']], [$back->ties[$index]['x'], $back->ties[$index]['y']], 0.11);
        }
        $this->assertEqualsWithDelta([-$front->box()->right, $front->box()->top], [$back->box()->left, $back->box()->top], 1e-9);
    }

    #[DataProvider('kinds')]
    public function test_everything_lies_within_the_picture(string $kind, string $technique): void
    {
        $drawing = $this->drawing($this->made($kind, $technique), Side::Front);
        $frame = $drawing->frame();
        foreach ([...$drawing->ties, ...$drawing->sections()] as $shown) {
            $this->assertTrue($shown['x'] > $frame->left && $shown['x'] < $frame->right && $shown['y'] > $frame->top && $shown['y'] < $frame->bottom, "{$shown['number']} lies outside");
        }
        foreach ($drawing->layers as $layer) {
            foreach ($this->corners($layer) as [$x, $y]) {
                $this->assertTrue($x > $frame->left && $x < $frame->right && $y > $frame->top && $y < $frame->bottom, sprintf('mesh at %.1f, %.1f lies outside', $x, $y));
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_tie_numbers_do_not_lie_on_each_other(string $kind, string $technique): void
    {
        $drawing = $this->drawing($this->made($kind, $technique), Side::Front);
        $radius = FormDrawing::TIE * $drawing->tieMagnified();
        foreach ($drawing->ties as $index => $tie) {
            foreach (array_slice($drawing->ties, $index + 1) as $other) {
                $this->assertGreaterThanOrEqual(2 * $radius - 0.1, hypot($tie['x'] - $other['x'], $tie['y'] - $other['y']), "{$tie['number']} and {$other['number']}");
            }
        }
    }

    private function made(string $kind, string $technique): Plan
    {
        return app(PlanReader::class)->read([
            'name' => "A $kind",
            'form' => ['kind' => $kind],
            'meshes' => [['width' => '6 in']],
            'layers' => [$technique === 'ruffle' ? ['length' => '10 in'] : ['technique' => $technique, 'pitch' => '6 in']],
        ]);
    }

    private function drawing(Plan $plan, Side $side): FormDrawing
    {
        return new FormDrawing($plan, app(Engine::class)->work($plan), $side);
    }

    /**
     * Where the outlines of a layer's elements go, in drawing units.
     *
     * @return list<array{float, float}>
     */
    private function corners(LayerDrawing $layer): array
    {
        $corners = [];
        foreach ($layer->elements as $element) {
            preg_match('/^M(\S+) (\S+)c(.*)z$/', $layer->shapes[$element['shape']]->edge, $path);
            [$x, $y, $turn] = [(float) $path[1], (float) $path[2], deg2rad($element['turn'])];
            foreach (array_chunk(array_map(floatval(...), explode(' ', $path[3])), 6) as $curve) {
                [$x, $y] = [$x + $curve[4], $y + $curve[5]];
                $corners[] = [$element['x'] + $x * cos($turn) - $y * sin($turn), $element['y'] + $x * sin($turn) + $y * cos($turn)];
            }
        }
        $this->assertGreaterThan(10 * Path::SCALE, count($corners) * Path::SCALE);

        return $corners;
    }
}
