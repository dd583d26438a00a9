<?php

namespace App\Console\Commands;

use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Troubles;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Console\Command;

/** Walks a plan file as the bench does, or says what can be done when something goes wrong on the way, without a database. */
final class PlanBuild extends Command
{
    use ReadsPlanFiles;

    private const MOST_COPIES = 24;

    protected $signature = 'plan:build
        {file : a plan file}
        {--copies=1 : how many pieces}
        {--order=step : "step" cuts all, then makes all; "element" makes one at a time}
        {--together : each step is done on every piece before the next}
        {--done=0 : so many steps are done already}
        {--wrong= : what goes wrong then, like gave-out; "list" names all}
        {--set=* : what is said of it, like gave=11}
        {--shelf=* : what lies on the shelf, by the id of a material, like "m1=120 in"}
        {--learned= : a file of what was learned (log:learn), to work with instead of starting guesses}
        {--json : print all of it as JSON}';

    protected $description = 'The work on a plan one thing after another, and the ways to go on where something goes wrong';

    public function handle(PlanFile $files, Engine $engine, RollPlanner $planner, Replanner $replanner): int
    {
        try {
            $plan = $this->read((string) $this->argument('file'), $files);
            $copies = $this->number('copies', self::MOST_COPIES);
            $result = $engine->figures($plan);
            $now = new Situation(
                array_map(fn (int $copy): BenchPiece => new BenchPiece($copy, $plan, $result), range(1, $copies)),
                BenchRolls::laidOut($plan, $result, $copies, $planner),
                [],
                [],
                $this->shelf($plan),
            );
            $walk = Walk::of(
                array_values($now->pieces),
                $now->rolls,
                WalkOrder::tryFrom((string) $this->option('order')) ?? throw Fault::at('', '--order takes "step" or "element".'),
                $this->option('together') ? CopyOrder::Together : CopyOrder::OneByOne,
            );
            [$now, $at] = $this->done($now, $walk);
            $wrong = (string) $this->option('wrong');

            return $wrong === '' ? $this->tellWalk($walk, $at) : $this->tellWays($now, $walk, $at, $wrong, $replanner);
        } catch (Refused $refused) {
            return $this->fault($refused->getMessage());
        }
    }

    /** @return array{Situation, int} once the first so many steps are done, and the number of the next */
    private function done(Situation $now, Walk $walk): array
    {
        $done = (string) $this->option('done');
        if (preg_match('/^\d{1,6}$/D', $done) !== 1 || (int) $done > count($walk->units)) {
            throw Fault::at('', sprintf('--done takes a whole number up to %d, which is all of them.', count($walk->units)));
        }
        [$cut, $made] = [[], []];
        foreach (array_slice($walk->units, 0, (int) $done) as $unit) {
            if ($unit->element !== null) {
                $unit->deed === Deed::Cut ? $cut[(string) $unit->cut] = true : $made["$unit->copy/{$unit->element->id}"] = true;
            }
        }

        return [$now->done($cut, $made), (int) $done];
    }

    /** @return array<string, list<OnHand>> */
    private function shelf(Plan $plan): array
    {
        $shelf = [];
        foreach ((array) $this->option('shelf') as $said) {
            [$material, $there] = [...explode('=', (string) $said, 2), ''];
            if (! isset($plan->materials->all[$material])) {
                throw Fault::at('', "--shelf names a material by its id, like \"m1=120 in\"; the plan has no \"$material\".");
            }
            $shelf[$material] = (new OnHandBlank('shelf', 'what lies on the shelf'))->read($there, $plan->units());
        }

        return $shelf;
    }

    private function tellWalk(Walk $walk, int $at): int
    {
        $units = array_slice($walk->units, $at);
        $this->option('json')
            ? $this->line((string) json_encode(array_map(self::unitAsData(...), $units), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT))
            : $this->section('One thing after another', array_map(
                fn (Unit $unit): string => sprintf(
                    '%s (%d of %d): %s',
                    implode(', ', array_filter([$unit->place, $unit->what])),
                    $unit->number,
                    $unit->of,
                    $unit->how,
                ),
                $units,
            ));

        return self::SUCCESS;
    }

    private function tellWays(Situation $now, Walk $walk, int $at, string $wrong, Replanner $replanner): int
    {
        $unit = $walk->units[$at] ?? null;
        $blanks = array_map(fn (Trouble $trouble): ?array => $trouble->blanks($now, $walk, $unit), Troubles::all());
        if (! isset($blanks[$wrong])) {
            $this->section('What can go wrong here', array_map(
                fn (string $key): string => "$key: ".Troubles::all()[$key]->sentence(),
                array_keys(array_filter($blanks, is_array(...))),
            ));

            return $wrong === 'list' ? self::SUCCESS : $this->fault("\"$wrong\" cannot go wrong here. Choose one of these.");
        }
        $slip = Slip::load($blanks[$wrong], [], '');
        foreach ((array) $this->option('set') as $said) {
            [$key, $value] = [...explode('=', (string) $said, 2), ''];
            $slip = $slip->with($key, $value, $now->units());
        }
        $ways = Troubles::all()[$wrong]->ways($replanner, $now, $walk, $slip);
        $this->option('json')
            ? $this->line((string) json_encode(array_map(fn (Way $way): array => [
                'way' => $way->key,
                'label' => $way->label,
                'effects' => $way->effects,
                'done' => $way->done,
                'undone' => $way->undone,
                'rolls' => array_map(fn ($roll): array => $roll->asData(), $way->then->rolls),
                'plan' => $way->then->first()->plan->write(),
            ], $ways), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES))
            : array_map(fn (Way $way) => $this->section($way->label, $way->effects), $ways);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function unitAsData(Unit $unit): array
    {
        return [
            'key' => $unit->key,
            'copy' => $unit->copy,
            'deed' => $unit->deed->value,
            'step' => $unit->step->key,
            'place' => $unit->place,
            'what' => $unit->what,
            'how' => $unit->how,
            'number' => $unit->number,
            'of' => $unit->of,
            'section' => $unit->section,
            'minutes' => round($unit->minutes, 2),
            'element' => $unit->element?->id,
            'roll' => $unit->roll,
        ];
    }
}
