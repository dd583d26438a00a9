<?php

// Hangs so many plans on the wall, each another: every form with every technique that goes on it, in other lengths and colours.

use App\Models\SavedPlan;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;

require __DIR__.'/../vendor/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$craft = app(Craft::class);
[$hung, $wanted] = [0, (int) $argv[1]];
[$forms, $techniques] = [[], []];
$kite = json_decode((string) file_get_contents(database_path('demo/kite-festival-kite.json')), true, flags: JSON_THROW_ON_ERROR)['form'];
Illuminate\Support\Facades\DB::beginTransaction();
for ($turn = 0; $hung < $wanted; $turn++) {
    foreach (array_keys($craft->forms) as $form) {
        foreach (array_keys($craft->parts) as $technique) {
            if ($hung === $wanted) {
                break 3;
            }
            try {
                $plan = app(PlanReader::class)->read([
                    'name' => sprintf('%s, %s no. %d', $craft->forms[$form]->name(), $craft->parts[$technique]->name(), $turn + 1),
                    'form' => $form === $kite['kind'] ? $kite : ['kind' => $form],
                    'materials' => [['name' => "Mesh $turn", 'colour' => sprintf('#%06x', 1234567 * ($turn + 1) % 0xFFFFFF)]],
                    'parts' => [['kind' => $technique]],
                ]);
            } catch (Refused) {
                // Not every technique goes on every form.
                continue;
            }
            SavedPlan::start($plan, 'begun');
            [$forms[$form], $techniques[$technique]] = [true, true];
            $hung++;
        }
    }
}
Illuminate\Support\Facades\DB::commit();
printf("%d plans hung, of %d kinds of form and %d techniques\n", $hung, count($forms), count($techniques));
