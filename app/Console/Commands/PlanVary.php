<?php

namespace App\Console\Commands;

use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\SweepPoint;
use Davrin\Core\Vary\Varied;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Console\Command;

/** Varies one figure of a plan file, without a database. */
final class PlanVary extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'plan:vary
        {file : a plan file}
        {figure? : which figure is varied, like parts.l1.length; without it those that can be are listed}
        {--from= : from this, like "7 in"}
        {--to= : up to this}
        {--step= : in steps of this}
        {--learned= : a file of what was learned (log:learn), to work with instead of starting guesses}
        {--json : print all of it as JSON}';

    protected $description = 'Vary one figure of a plan: rolls, cost, size and fullness at each step';

    public function handle(PlanFile $files, Engine $engine, PlanReader $reader): int
    {
        try {
            $plan = $this->read((string) $this->argument('file'), $files);
            $figure = $this->argument('figure');
            if (! is_string($figure)) {
                $all = Varied::of($plan);
                $this->section('What can be varied', array_map(fn (Varied $its): string => "$its->key: $its->label", array_values($all)));

                return self::SUCCESS;
            }
            [$from, $to, $step] = array_map(fn (string $option): string => (string) $this->option($option), ['from', 'to', 'step']);
            $sweep = Sweep::of($plan, Varied::named($plan, $figure), $engine, $reader, $from, $to, $step);
        } catch (Refused $refused) {
            return $this->fault($refused->getMessage());
        }
        $this->option('json') ? $this->json($sweep) : $this->tell($sweep);

        return self::SUCCESS;
    }

    private function tell(Sweep $sweep): void
    {
        $this->section(ucfirst($sweep->varied->label), array_map(fn (SweepPoint $point): string => $point->tally === null
            ? "$point->shown: $point->refused"
            : sprintf(
                '%s%s: %s, %s to be safe; %s; %s; fullness %s',
                $point->shown,
                $point->isNow ? ' (as it is)' : '',
                Words::count($point->rolls, 'roll'),
                $point->safe ?? 'no number',
                $point->cost?->shown(),
                $point->tally->across->said(),
                $point->tally->fullness->shown,
            ), $sweep->points));
        $this->section('So', $sweep->sentences());
    }
}
