<?php

namespace Tests\Feature;

use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\SavedPlan;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Recipe\Recipe;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every kind of form with every technique, as a page and as a picture. */
final class EveryKindTest extends FeatureCase
{
    use ReadsPaths;

    private const OF_ONE_WIRE = ['loop'];

    /** Forms that ribbon is tried on: it lies on the mesh of any, so one that is round, one that is not and one that does not close will do. */
    private const FOR_RIBBON = ['ring', 'heart', 'stick'];

    /** @return iterable<string, array{string, string}> every technique on every form that it can be made on */
    public static function kinds(): iterable
    {
        $craft = Craft::standard();
        foreach ($craft->forms as $kind => $form) {
            foreach ($craft->parts as $technique => $part) {
                $isTried = $part->materials()->wound === null
                    ? $technique !== 'pulled-loops' || ! in_array($kind, self::OF_ONE_WIRE, true)
                    : in_array($kind, self::FOR_RIBBON, true);
                if ($isTried) {
                    yield "$technique on $kind" => [$kind, $technique];
                }
            }
        }
    }

    /** @return iterable<string, array{string, string}> every form and every technique at least once */
    public static function some(): iterable
    {
        foreach (self::kinds() as $name => [$kind, $technique]) {
            if ($kind === 'ring' || $technique === 'ruffle' || $technique === 'poof-run') {
                yield $name => [$kind, $technique];
            }
        }
    }

    #[DataProvider('some')]
    public function test_it_is_shown_from_both_sides_with_and_without_mesh(string $kind, string $technique): void
    {
        $saved = SavedPlan::start($this->made($kind, $technique), 'begun');
        $ties = $saved->plan()->ties->count();
        // Either side with and without mesh on every form; of every technique what shows most and least.
        foreach ($technique === 'ruffle' ? ['', '?side=back', '?mesh=off', '?side=back&mesh=off&tie=2'] : ['', '?side=back&mesh=off&tie=2'] as $query) {
            $page = $this->get("/plans/$saved->id$query")->assertOk();
            $this->assertCount($ties, $this->find($page, '//a[@data-tie-link]'));
            $this->assertStringContainsString(
                'seen from the front. Seen from the',
                $this->find($page, "//div[@id='stage']/svg")[0]->getAttribute('aria-label'),
            );
        }
        foreach ($kind === 'ring' ? ['colours', 'cut-sheet'] : [] as $page) {
            $this->get("/plans/$saved->id/$page")->assertOk();
        }
        $this->get('/plans')->assertOk()->assertSee($saved->name);
    }

    #[DataProvider('kinds')]
    public function test_it_is_told_and_read_again_as_the_same_and_drawn_whole_from_both_sides(string $kind, string $technique): void
    {
        $plan = $this->made($kind, $technique);
        $result = app(Engine::class)->work($plan);
        Recipe::of($plan, $result);
        $this->assertSame($plan->write(), app(PlanReader::class)->read($plan->write())->write());
        [$front, $back] = [new FormDrawing($plan, $result, Side::Front), new FormDrawing($plan, $result, Side::Back)];
        $this->isMirrored($front, $back);
        $this->liesWithinItsPicture($front);
        $this->hasRoomForItsNumbers($front);
    }

    private function isMirrored(FormDrawing $front, FormDrawing $back): void
    {
        foreach ($front->ties as $index => $tie) {
            $this->assertEqualsWithDelta([-$tie['x'], $tie['y']], [$back->ties[$index]['x'], $back->ties[$index]['y']], 0.11);
        }
        $this->assertEqualsWithDelta([-$front->box()->right, $front->box()->top], [$back->box()->left, $back->box()->top], 1e-9);
    }

    private function liesWithinItsPicture(FormDrawing $drawing): void
    {
        $frame = $drawing->frame();
        foreach ([...$drawing->ties, ...$drawing->sections()] as $shown) {
            $this->assertTrue(
                $shown['x'] > $frame->left && $shown['x'] < $frame->right && $shown['y'] > $frame->top && $shown['y'] < $frame->bottom,
                "{$shown['number']} lies outside",
            );
        }
        foreach ($drawing->parts as $layer) {
            $this->assertSame([], array_values(array_filter(
                $this->placed($layer),
                fn (array $at): bool => $at[0] <= $frame->left || $at[0] >= $frame->right || $at[1] <= $frame->top || $at[1] >= $frame->bottom,
            )), 'mesh lies outside');
        }
    }

    /** No number of a tie lies on another. */
    private function hasRoomForItsNumbers(FormDrawing $drawing): void
    {
        $radius = FormDrawing::TIE * $drawing->tieMagnified();
        $touching = [];
        foreach ($drawing->ties as $index => $tie) {
            foreach (array_slice($drawing->ties, $index + 1) as $other) {
                if (hypot($tie['x'] - $other['x'], $tie['y'] - $other['y']) < 2 * $radius - 0.1) {
                    $touching[] = "{$tie['number']} and {$other['number']}";
                }
            }
        }
        $this->assertSame([], $touching);
    }

    private function made(string $kind, string $technique): Plan
    {
        return app(PlanReader::class)->read([
            'name' => "A $kind",
            'form' => ['kind' => $kind],
            'materials' => [['width' => '6 in', 'roll' => '60 yd']],
            // What goes on another part has one to go on.
            'parts' => [...($technique === 'ribbon-in-bundles' ? [['kind' => 'rolled-bundle']] : []), ['kind' => $technique]],
        ]);
    }
}
