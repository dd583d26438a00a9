<?php

namespace Database\Seeders;

use App\Bench\FinishBuild;
use App\Bench\StartBuild;
use App\Bench\TakeWay;
use App\Models\Build;
use App\Models\KeptBow;
use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Prices\PricedPlan;
use App\Settings\House;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Money;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Price\Terms;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** The demo's plans: a bench of two in a made-up town, which makes for the band, the library and the garden club. */
final class DemoSeeder extends Seeder
{
    private const OLDEST_FIRST = [
        'choir-gallery-cross', 'garden-club-wheel', 'bee-stall-work-form', 'reading-week-loop', 'band-leaders-hat', 'hiking-club-stick', 'kite-festival-kite',
        'kite-festival-star', 'library-door-swag', 'barn-wedding-heart', 'barn-wedding-square', 'garden-club-bee-stall', 'library-reading-week', 'band-door-teal-and-gold',
        'library-storm-door', 'bandstand-bundles', 'fair-gate-three-strands', 'pavilion-six-layers', 'town-hall-wide-poofs', 'garden-shed-burlap', 'garden-club-scraps', 'kite-festival-in-turn', 'barn-wedding-part-rolls',
    ];

    /** Plans that are cut from what lies on the shelf, with what is taken of it. */
    private const FROM_SHELF = [
        'bandstand-bundles' => ['Teal mesh'],
        'barn-wedding-part-rolls' => ['Sage mesh'],
        'kite-festival-kite' => ['Kite tails', 'Gold lamé'],
        'kite-festival-star' => ['Gold lamé', 'Kite tails'],
        'barn-wedding-heart' => ['Sage sheer', 'Gold lamé'],
        'hiking-club-stick' => ['Cream grosgrain'],
        'reading-week-loop' => ['Teal stripe', 'Cream grosgrain'],
        'garden-club-wheel' => ['Bee print'],
    ];

    /** Bows that are kept: of which kind, and what is written of each. */
    private const BOWS = [
        'Big band bow' => ['looped-bow', ['materials.r1.name' => 'Gold lamé', 'materials.r1.colour' => 'gold', 'materials.r1.hatch' => 'prints', 'parts.bow.loop' => '5 in', 'parts.bow.loops' => '4', 'parts.bow.tails' => '16, 14 in']],
        'Bee stall fan' => ['strip-bow', ['materials.r1.name' => 'Bee print', 'materials.r1.colour' => '#f2d15c', 'materials.r1.hatch' => 'prints', 'parts.bow.strips' => '8', 'parts.bow.strip' => '11 in']],
        'Reading week, stepped' => ['stepped-bow', ['materials.r1.name' => 'Teal stripe', 'materials.r1.colour' => 'teal', 'materials.r1.hatch' => 'stripes', 'parts.bow.layers' => '3', 'parts.bow.loop' => '4 1/2 in']],
    ];

    /** Forms as they really measure, by name: where each is kept, and what a plan file holds of it. */
    private const SHELF = [
        'Big ring, 24 in' => ['under the bench', ['kind' => 'ring', 'wires' => ['24 in', '22 in', '20 in', '18 in'], 'crossbars' => 8, 'price' => '3.25']],
        'Barn square' => ['crate 2', ['kind' => 'rectangle', 'width' => '16 in', 'height' => '16 in', 'price' => '3.50']],
        'Stick for swags' => ['behind the shelf', ['kind' => 'stick', 'price' => '0.75']],
        'Ring with the crooked weld' => ['hook by the door', ['kind' => 'ring', 'wires' => ['13 3/4 in', '11 7/8 in', '10 in', '8 in'], 'welds' => ['3: 1/2 in', '5: out']]],
    ];

    /** What the two at the bench price by. */
    private const PRICED_BY = [
        'work' => ['rate' => '16.00', 'overhead' => '8 %', 'wear' => '0.35', 'packing' => '1.20', 'packWeighs' => '420 g'],
        'boxes' => [
            ['id' => 'b1', 'long' => '24 in', 'wide' => '24 in', 'high' => '10 in', 'upTo' => '2 kg', 'postage' => '13.40', 'price' => '2.10'],
            ['id' => 'b2', 'long' => '30 in', 'wide' => '30 in', 'high' => '12 in', 'upTo' => '4 kg', 'postage' => '19.80', 'price' => '3.25'],
        ],
        'offers' => [
            ['id' => 'o1', 'name' => 'Narrow, from the market', 'width' => '6 in', 'roll' => '5 yd', 'price' => '1.50', 'allowance' => '2 %'],
            ['id' => 'o2', 'name' => 'Ten inches, from the mill shop', 'width' => '10 in', 'roll' => '10 yd', 'price' => '6.00', 'delivery' => '5.90', 'rolls' => 6],
            ['id' => 'o3', 'name' => 'Wide, left over from a fair', 'width' => '21 in', 'roll' => '10 yd', 'price' => '8.40'],
        ],
    ];

    /** Prices that were decided on: of which plan, how many together, at which place, and what is asked where that is not worked out. */
    private const PRICES = [
        ['library-reading-week', 6, 'p3', null],
        ['barn-wedding-square', 1, 'p1', null],
        ['garden-club-bee-stall', 4, 'p2', null],
        ['barn-wedding-part-rolls', 1, 'p2', '44.00'],
    ];

    public function run(PlanFile $files): void
    {
        DemoShelf::lay();
        foreach (self::OLDEST_FIRST as $name) {
            $plan = SavedPlan::start($files->read((string) file_get_contents(database_path("demo/$name.json"))), 'begun');
            foreach (self::FROM_SHELF[$name] ?? [] as $thing) {
                $this->takeFromShelf($plan, $thing);
            }
        }
        foreach (self::BOWS as $name => [$kind, $written]) {
            KeptBow::begin($kind, app(House::class))->change(new FillBlanks(['plan.name' => $name] + $written));
        }
        foreach (self::SHELF as $name => [$kept, $written]) {
            $form = new ShelfForm(['name' => $name, 'kept' => $kept, 'form' => $written]);
            $form->form = $form->plan()->formSlip->write();
            $form->save();
        }
        $this->price(app(House::class));
        $this->build();
    }

    /** One wreath of three is on the bench, half made; another is finished, with a roll that gave out on the way. */
    private function build(): void
    {
        $plan = fn (string $name): SavedPlan => SavedPlan::query()->findOrFail(array_search($name, self::OLDEST_FIRST, true) + 1);
        $flat = StartBuild::of($plan('library-storm-door'), 2, WalkOrder::ByStep, CopyOrder::Together)[0];
        $units = $flat->walk()->units;
        $mesh = array_keys(array_filter($units, fn (Unit $unit): bool => $unit->deed === Deed::Cut && $unit->roll === 'm1-1'));
        self::tick($flat, 0, $mesh[9]);
        TakeWay::of($flat, 'gave-out', 'buy', $flat->version()->id, $units[$mesh[9]]->key, ['wrong.roll' => 'm1-1', 'wrong.gave' => '9']);
        self::tick($flat, $mesh[9], Build::MOST_UNITS);
        $flat->say(Mark::Note, [$units[count($units) - 3]->key], 'Fluffed twice: it had stood in the box overnight.');
        FinishBuild::of($flat);
        DemoLog::keep(array_combine(self::OLDEST_FIRST, array_map($plan, self::OLDEST_FIRST)), $flat);
        $band = StartBuild::of($plan('band-door-teal-and-gold'), 3, WalkOrder::ByStep, CopyOrder::OneByOne)[0];
        self::tick($band, 0, 58 + 44);
    }

    /** Each takes a little more or less than it usually does. */
    private static function tick(Build $build, int $from, int $to): void
    {
        $units = array_slice($build->walk()->units, $from, $to - $from);
        $build->take(array_map(fn (Unit $unit, int $at): array => [
            'token' => "demo-$build->id-".($from + $at),
            'unit' => $unit->key,
            'deed' => Mark::Done,
            'seconds' => (int) round($unit->minutes * [52, 63, 58, 71, 55][$at % 5]),
            'note' => '',
            'made_at' => new Carbon,
        ], $units, array_keys($units)));
    }

    private function price(House $house): void
    {
        $house->priceBy(fn (Terms $terms): Terms => Terms::read(self::PRICED_BY + ['currency' => $terms->currency->value]));
        foreach (self::PRICES as [$plan, $copies, $place, $asked]) {
            $saved = SavedPlan::query()->findOrFail(array_search($plan, self::OLDEST_FIRST, true) + 1);
            $tried = $asked === null ? null : Money::read($asked, $house->currency());
            PricedPlan::of($saved, $house->terms(), $copies, null, $place, $tried)->keep();
        }
    }

    /** For the material that is called so; for the first where none is. */
    private function takeFromShelf(SavedPlan $plan, string $thing): void
    {
        $item = ShelfItem::query()->where('name', $thing)->firstOrFail();
        $wound = collect($plan->plan()->wound());
        $taken = $wound->first(fn (Wound $its): bool => $its->name() === $thing) ?? $wound->first();
        $plan->edit(new TakeFromShelf([$taken->id => MaterialFromShelf::written($item, $plan)]), (int) $plan->revision_id);
    }
}
