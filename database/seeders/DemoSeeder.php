<?php

namespace Database\Seeders;

use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Seeder;

/** The demo's plans: a bench of two in a made-up town, which makes for the band, the library and the garden club. */
final class DemoSeeder extends Seeder
{
    private const OLDEST_FIRST = [
        'choir-gallery-cross', 'garden-club-wheel', 'bee-stall-work-form', 'reading-week-loop', 'band-leaders-hat', 'hiking-club-stick', 'kite-festival-kite',
        'kite-festival-star', 'library-door-swag', 'barn-wedding-heart', 'barn-wedding-square', 'garden-club-bee-stall', 'library-reading-week', 'band-door-teal-and-gold',
        'library-storm-door', 'bandstand-bundles', 'fair-gate-three-strands', 'pavilion-six-layers', 'town-hall-wide-poofs', 'garden-shed-burlap', 'garden-club-scraps', 'kite-festival-in-turn', 'barn-wedding-part-rolls',
    ];

    /** Plans that are cut from what lies on the shelf, with the mesh that is taken. */
    private const FROM_SHELF = ['bandstand-bundles' => 'Teal mesh', 'barn-wedding-part-rolls' => 'Sage mesh'];

    /** Forms as they really measure, by name: where each is kept, and what a plan file holds of it. */
    private const SHELF = [
        'Big ring, 24 in' => ['under the bench', ['kind' => 'ring', 'wires' => ['24 in', '22 in', '20 in', '18 in'], 'crossbars' => 8, 'price' => '3.25']],
        'Barn square' => ['crate 2', ['kind' => 'rectangle', 'width' => '16 in', 'height' => '16 in', 'price' => '3.50']],
        'Stick for swags' => ['behind the shelf', ['kind' => 'stick', 'price' => '0.75']],
        'Ring with the crooked weld' => ['hook by the door', ['kind' => 'ring', 'wires' => ['13 3/4 in', '11 7/8 in', '10 in', '8 in'], 'welds' => ['3: 1/2 in', '5: out']]],
    ];

    public function run(PlanFile $files): void
    {
        DemoShelf::lay();
        foreach (self::OLDEST_FIRST as $name) {
            $plan = SavedPlan::start($files->read((string) file_get_contents(database_path("demo/$name.json"))), 'begun');
            if (isset(self::FROM_SHELF[$name])) {
                $this->takeFromShelf($plan, self::FROM_SHELF[$name]);
            }
        }
        foreach (self::SHELF as $name => [$kept, $written]) {
            $form = new ShelfForm(['name' => $name, 'kept' => $kept, 'form' => $written]);
            $form->form = $form->plan()->formSlip->write();
            $form->save();
        }
    }

    /** The first mesh of a plan is the one that lies on the shelf. */
    private function takeFromShelf(SavedPlan $plan, string $mesh): void
    {
        $item = ShelfItem::query()->where('name', $mesh)->firstOrFail();
        $plan->edit(new TakeFromShelf([$plan->plan()->wound()[0]->id => MaterialFromShelf::written($item, $plan)]), (int) $plan->revision_id);
    }
}
