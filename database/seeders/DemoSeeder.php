<?php

namespace Database\Seeders;

use App\Models\SavedPlan;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Seeder;

/** The demo's plans: a bench of two in a made-up town, which makes for the band, the library and the garden club. */
final class DemoSeeder extends Seeder
{
    private const OLDEST_FIRST = [
        'choir-gallery-cross', 'garden-club-wheel', 'bee-stall-work-form', 'reading-week-loop', 'band-leaders-hat', 'hiking-club-stick', 'kite-festival-kite',
        'kite-festival-star', 'library-door-swag', 'barn-wedding-heart', 'barn-wedding-square', 'garden-club-bee-stall', 'library-reading-week', 'band-door-teal-and-gold',
    ];

    public function run(PlanFile $files): void
    {
        foreach (self::OLDEST_FIRST as $name) {
            SavedPlan::start($files->read((string) file_get_contents(database_path("demo/$name.json"))), 'begun');
        }
    }
}
