<?php

namespace App\Console\Commands;

use App\Models\SavedPlan;
use App\Plans\Cards;
use Illuminate\Console\Command;

/** Works out and draws what the wall shows of plans that no figures of this version are kept of, those changed last first. */
final class PlansWorkOut extends Command
{
    protected $signature = 'plans:work-out {--most= : work out no more plans than this}';

    protected $description = 'Work out and draw the plans on the wall, where that is not done yet';

    public function handle(Cards $cards): int
    {
        $most = $this->option('most');
        if ($most !== null && (! ctype_digit((string) $most) || (int) $most === 0)) {
            $this->error('--most takes a number of plans, as in: php artisan plans:work-out --most=24');

            return self::INVALID;
        }
        $done = 0;
        $plans = SavedPlan::found()->with('revision.card')->lazy(50);
        foreach ($most === null ? $plans : $plans->take((int) $most) as $saved) {
            $done += $cards->picture($saved->revision) === null ? 0 : 1;
        }
        $this->info("$done plans are worked out and drawn.");

        return self::SUCCESS;
    }
}
