<?php

namespace App\Console\Commands;

use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use Illuminate\Console\Command;

/** Works out a plan file without a database. */
final class PlanCompute extends Command
{
    protected $signature = 'plan:compute {file : a plan file} {--json : print the whole result as JSON (docs/result-format.md)} {--memory : print at the end, beside all else, how many MB it took}';

    protected $description = 'Work out a plan file: ties, cuts, rolls, cost, advice';

    public function handle(PlanFile $files, Engine $engine): int
    {
        $path = (string) $this->argument('file');
        if (! is_file($path) || ! is_readable($path)) {
            return $this->fault("$path cannot be read. Give the path of a plan file.");
        }
        try {
            $plan = $files->read((string) file_get_contents($path, length: PlanFile::MOST_BYTES + 1));
        } catch (Fault $fault) {
            return $this->fault(sprintf('%s: at "%s": %s', $path, $fault->pointer, $fault->getMessage()));
        }
        $result = $engine->work($plan);
        $this->option('json')
            ? $this->output->writeln((string) json_encode($result, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION))
            : $this->tell($plan, $result);
        if ($this->option('memory')) {
            $this->output->getErrorStyle()->writeln((string) ceil(memory_get_peak_usage(true) / 1_000_000));
        }

        return self::SUCCESS;
    }

    private function fault(string $sentence): int
    {
        $this->output->getErrorStyle()->writeln($sentence);

        return self::FAILURE;
    }

    private function tell(Plan $plan, Result $result): void
    {
        $recipe = Recipe::of($plan, $result);
        $this->section($result->name, array_map(fn (Line $line): string => $line->text(), [$recipe->form, ...$recipe->ties, ...$recipe->layers, ...array_values($recipe->meshes), $recipe->stems, ...($recipe->zipTies === null ? [] : [$recipe->zipTies])]));
        foreach ($result->tally->jsonSerialize() as $figure) {
            $this->section(sprintf('%s: %s', $figure->label, $figure->shown), $figure->because);
        }
        $this->section('cost by what is opened: '.$result->cost->opened->shown, $result->cost->opened->because);
        foreach ($result->meshes as $mesh) {
            $this->section(sprintf('%s: %s', $mesh->mesh->name(), $mesh->verdict->words()), array_merge(...array_map(
                fn (Figure $figure): array => [sprintf('%s %s', $figure->label, $figure->shown), ...array_map(fn (string $because): string => "  $because", $figure->because)],
                [$mesh->used, $mesh->left, $mesh->slack],
            )));
        }
        foreach ($result->advice as $advice) {
            $this->section("$advice->title $advice->sentence", array_map(fn ($remedy): string => "$remedy->label: $remedy->effect", $advice->remedies));
        }
    }

    /** @param  list<string>  $lines */
    private function section(string $title, array $lines): void
    {
        $this->output->writeln($title);
        foreach ($lines as $line) {
            $this->output->writeln("  $line");
        }
        $this->output->newLine();
    }
}
