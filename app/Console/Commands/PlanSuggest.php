<?php

namespace App\Console\Commands;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Suggest\Loosening;
use Davrin\Core\Suggest\Ranking;
use Davrin\Core\Suggest\Search;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Console\Command;
use JsonException;

/** Looks for what can be made of what a file lists, without a database. */
final class PlanSuggest extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'plan:suggest
        {file : a JSON file of "wishes", "forms", "materials" and "goods" (docs/suggest-format.md)}
        {--most=12 : so many are shown}
        {--json : print them as JSON, each with its plan}';

    protected $description = 'Look for what can be made of some materials: techniques, layouts, lengths and colour splits';

    private const MOST_BYTES = 1_000_000;

    private const MOST_SHOWN = 200;

    public function handle(Craft $craft, PlanReader $reader, Engine $engine): int
    {
        try {
            $document = $this->document();
            $currency = Currency::tryFrom(is_string($document['settings']['currency'] ?? null) ? $document['settings']['currency'] : 'USD')
                ?? throw Fault::at('/settings/currency', 'That is not a currency that prices can be counted in here.');
            $wishes = Wishes::read((array) ($document['wishes'] ?? []), $currency);
            $search = Search::over($craft, $reader, $engine, $wishes, Given::read(array_diff_key($document, ['wishes' => 1])));
            $most = $this->number('most', self::MOST_SHOWN);
        } catch (Fault $fault) {
            return $this->fault(trim("$fault->pointer: {$fault->getMessage()}", ': '));
        }
        $all = $search->stretch(0, fn (): bool => true);
        $ranking = Ranking::of($all->found, $wishes);
        $shown = $ranking->shown($most);
        $loosen = $shown === [] ? Loosening::of($all->misses)->sentences($wishes, Units::Inches) : [];
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode([
                'format' => 'davrin-suggestions',
                'version' => 1,
                'lookedAt' => $search->count(),
                'fit' => count($all->found),
                'suggestions' => array_map(fn (Suggestion $its): array => $its->write() + [
                    'why' => $ranking->why($its, $shown, Units::Inches),
                    'plan' => $search->plan($its)->write(),
                ], $shown),
                'loosen' => $loosen,
            ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return self::SUCCESS;
        }
        $this->section(sprintf('%d ways looked at, %d plans fit', $search->count(), count($all->found)), $loosen);
        foreach ($shown as $number => $its) {
            $this->section(sprintf('%d. %s, %s', $number + 1, $search->plan($its)->name(), LengthText::canonical($its->length)), [
                $its->of->kin(),
                $ranking->why($its, $shown, Units::Inches),
            ]);
        }

        return self::SUCCESS;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Refused
     */
    private function document(): array
    {
        $path = (string) $this->argument('file');
        try {
            $document = json_decode($this->contents($path, self::MOST_BYTES, 'a file of wishes'), true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw Fault::at('', "$path is no JSON file that can be read.");
        }

        return is_array($document) ? $document : throw Fault::at('', "$path holds no wishes.");
    }
}
