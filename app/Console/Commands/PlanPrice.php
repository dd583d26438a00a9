<?php

namespace App\Console\Commands;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Parcel;
use Davrin\Core\Price\Price;
use Davrin\Core\Price\Priced;
use Davrin\Core\Price\SellingPlace;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Refused;
use Illuminate\Console\Command;
use JsonException;

/** Works out what a plan costs and what to ask for it, without a database. */
final class PlanPrice extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'plan:price
        {file? : a plan file}
        {--prices= : a file of what a maker prices by (docs/prices.schema.json); without it the usual figures stand}
        {--copies=1 : so many are made together}
        {--minutes= : what one really takes, instead of what is worked out}
        {--asked= : a price to try, instead of the one that is worked out}
        {--learned= : a file of what was learned (log:learn), to work with instead of starting guesses}
        {--json : print all of it as JSON}
        {--schema : print the JSON Schema of the file of prices, and nothing else}';

    protected $description = 'Work out what a plan costs, what to ask for it, and what a price really earns';

    private const MOST_COPIES = 999;

    private const MOST_BYTES = 100_000;

    public function handle(PlanFile $files, Engine $engine, RollPlanner $planner): int
    {
        if ($this->option('schema')) {
            $this->output->writeln((string) json_encode(
                Terms::schema(),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
            ));

            return self::SUCCESS;
        }
        try {
            $plan = $this->read((string) $this->argument('file'), $files);
            $priced = $this->priced($plan, $this->terms($plan), $engine, $planner);
        } catch (Refused $refused) {
            return $this->fault($refused->getMessage());
        }
        $this->option('json') ? $this->json($priced) : $this->tell($priced);

        return self::SUCCESS;
    }

    private function priced(Plan $plan, Terms $terms, Engine $engine, RollPlanner $planner): Priced
    {
        $copies = $this->number('copies', self::MOST_COPIES);
        $result = $engine->figures($plan);
        $sheet = CostSheet::of(
            $plan,
            $result,
            $copies === 1 ? null : Batch::of([new Share($plan, $copies)], $planner),
            $terms,
            $this->option('minutes') === null ? null : $this->number('minutes', CostSheet::MOST_MINUTES),
        );
        $asked = $this->option('asked');
        $tried = is_string($asked) ? Money::read($asked, $terms->currency) : null;

        return new Priced($sheet, array_map(
            fn (SellingPlace $place): Price => Price::at($sheet, $place, Parcel::of($plan, $result, $terms), $tried),
            array_values($terms->places),
        ));
    }

    /** @throws Fault */
    private function terms(Plan $plan): Terms
    {
        $path = $this->option('prices');
        if (! is_string($path)) {
            return Terms::read(['currency' => $plan->settings->currency()->value]);
        }
        try {
            $document = json_decode($this->contents($path, self::MOST_BYTES, 'a file of prices'), true, 12, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw Fault::at('', "$path is no JSON file that can be read.");
        }
        try {
            return Terms::read(is_array($document) ? $document : throw Fault::at('', 'It holds no prices.'));
        } catch (Fault $fault) {
            throw Fault::at($fault->pointer, sprintf('%s: at "%s": %s', $path, $fault->pointer, $fault->getMessage()));
        }
    }

    private function tell(Priced $priced): void
    {
        $sheet = $priced->sheet;
        $said = fn (Figure $figure): string => sprintf('%s: %s (%s)', $figure->label, $figure->shown, implode('; ', $figure->because));
        $this->section("$sheet->name, {$sheet->copiesWords()}", array_map(
            fn ($line): string => "$line->what, $line->source: {$line->ways[$sheet->way][1]}",
            $sheet->lines,
        ));
        $this->section("what one costs: {$sheet->figure()->shown}", [...array_map($said, $sheet->parts()), $sheet->difference()]);
        foreach ($priced->prices as $price) {
            $this->section($price->place->name(), array_map($said, $price->figures()));
        }
    }
}
