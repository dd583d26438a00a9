<?php

namespace App\Console\Commands;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Batch\Share;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use Illuminate\Console\Command;

/** Works out a plan file without a database. */
final class PlanCompute extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'plan:compute
        {files* : a plan file, or several that are made together as one batch}
        {--copies=1 : of each so many are made, together as one batch}
        {--learned= : a file of what was learned (log:learn), to work with instead of starting guesses}
        {--json : print the whole result as JSON (docs/result-format.md)}
        {--memory : print at the end, beside all else, how many MB it took}';

    protected $description = 'Work out a plan file: ties, cuts, rolls, cost, advice; or several together as one batch';

    /** So many of each are made in one batch. */
    private const MOST_COPIES = 999;

    public function handle(PlanFile $files, Engine $engine, RollPlanner $planner): int
    {
        try {
            $copies = $this->number('copies', self::MOST_COPIES);
            $paths = array_values((array) $this->argument('files'));
            $plans = array_map(fn (mixed $path): Plan => $this->read((string) $path, $files), $paths);
            count($plans) === 1 && $copies === 1
                ? $this->one($plans[0], $engine)
                : $this->batch(array_map(fn (Plan $plan): Share => new Share($plan, $copies), $plans), $planner);
        } catch (Fault $fault) {
            return $this->fault($fault->getMessage());
        }
        if ($this->option('memory')) {
            $this->output->getErrorStyle()->writeln((string) ceil(memory_get_peak_usage(true) / 1_000_000));
        }

        return self::SUCCESS;
    }

    private function one(Plan $plan, Engine $engine): void
    {
        $result = $engine->work($plan);
        $this->option('json') ? $this->json($result) : $this->tell($plan, $result);
    }

    /** @param  non-empty-list<Share>  $shares */
    private function batch(array $shares, RollPlanner $planner): void
    {
        $batch = Batch::of($shares, $planner);
        $this->option('json') ? $this->json($batch) : $this->tellBatch($batch);
    }

    private function tellBatch(BatchResult $batch): void
    {
        $units = $batch->shares[0]->plan->units();
        $this->section('Made together', array_map(fn (Share $share): string => "$share->copies x {$share->plan->name()}", $batch->shares));
        foreach ($batch->materials as $material) {
            $this->section($material->name(), [
                sprintf('%s used, %s left', $units->needed($material->rolls->used()), $units->available($material->rolls->left())),
                sprintf('%s opened, %s alone', Words::count($material->rolls->opened(), 'full roll'), $material->openedApart),
                sprintf('%s to buy, %s alone', $material->wound->money($material->rolls->cents())->shown(), $material->moneyApart->shown()),
                ...array_map(fn (string $unmet): string => "short: $unmet", $material->unmet()),
            ]);
        }
        foreach ($batch->goods as $use) {
            $this->section(
                sprintf('%s: %s, %s', $use->what(), $use->count->shown, $use->bought->shown),
                [...$use->count->because, ...$use->bought->because],
            );
        }
        [$byLength, $opened] = $batch->cost->each($batch->count());
        $this->section(
            'by length used: '.$batch->cost->byLength->shown,
            [...$batch->cost->byLength->because, sprintf('each of %d: %s', $batch->count(), $byLength->shown())],
        );
        $this->section(
            'by what is opened: '.$batch->cost->opened->shown,
            [...$batch->cost->opened->because, sprintf('each of %d: %s', $batch->count(), $opened->shown())],
        );
    }

    private function tell(Plan $plan, Result $result): void
    {
        $recipe = Recipe::of($plan, $result);
        $this->section(
            $result->name,
            array_map(
                fn (Line $line): string => $line->text(),
                [$recipe->form, ...$recipe->ties, ...$recipe->parts, ...array_values($recipe->materials), ...$recipe->goods],
            ),
        );
        $goods = array_map(fn (GoodsUse $use): array => [$use->count, $use->bought], $result->goods);
        foreach ([...$result->tally->jsonSerialize(), ...array_merge(...$goods)] as $figure) {
            $this->section(sprintf('%s: %s', $figure->label, $figure->shown), $figure->because);
        }
        $this->section('cost by what is opened: '.$result->cost->opened->shown, $result->cost->opened->because);
        foreach ($result->wound as $mesh) {
            $this->section(sprintf('%s: %s', $mesh->wound->name(), $mesh->verdict->words()), array_merge(...array_map(
                fn (string $said, Figure $figure): array => [
                    $said,
                    ...array_map(fn (string $because): string => "  $because", $figure->because),
                ],
                ["{$mesh->used->shown} used", "{$mesh->left->shown} left", $mesh->slackWords(), ...array_map(
                    fn (Figure $figure): string => $figure->said(),
                    $mesh->whatRollsGive(),
                )],
                [$mesh->used, $mesh->left, $mesh->slack, ...$mesh->whatRollsGive()],
            )));
        }
        foreach ($result->advice as $advice) {
            $this->section(
                "$advice->title $advice->sentence",
                array_map(fn ($remedy): string => "$remedy->label: $remedy->effect", $advice->remedies),
            );
        }
    }
}
