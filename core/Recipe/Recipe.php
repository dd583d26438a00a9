<?php

declare(strict_types=1);

namespace Davrin\Core\Recipe;

use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Figure;
use Davrin\Core\Result\LayerResult;
use Davrin\Core\Result\Result;

/** A plan told in sentences with blanks, in build order. */
final readonly class Recipe
{
    /**
     * @param  list<Line>  $layers
     * @param  array<string, Line>  $meshes  by mesh id
     * @param  array<string, Line>  $uses  how each mesh is used, by mesh id
     */
    private function __construct(
        public Line $name,
        public Line $form,
        public Line $ties,
        public array $layers,
        public array $meshes,
        public array $uses,
        public Line $stems,
        public Line $settings,
    ) {}

    public static function of(Plan $plan, Result $result): self
    {
        $units = $plan->units();
        $layers = [];
        foreach ($plan->layers as $index => $layer) {
            /** @var LayerResult $worked */
            $worked = $result->layers[$index];
            $layers[] = self::line("layers.$layer->id", $layer->technique->sentence(count($layer->rows)), $layer->slip, $units, ['count' => $worked->count->shown], [$worked->takes], $layer->mesh->id);
        }
        $meshes = [];
        $uses = [];
        foreach ($plan->meshes as $index => $mesh) {
            $sentence = '{colour} {name} in {hatch}, {width} wide, on rolls of {roll} {label}'.($mesh->isMeasured() ? '' : ', up to {allowance} short').', at {price}.';
            $uses[$mesh->id] = self::line("meshes.$mesh->id", 'Use {rolls}, {trim} trimmed off each.', $mesh->slip, $units, [], []);
            $worked = $result->meshes[$index];
            $meshes[$mesh->id] = self::line("meshes.$mesh->id", $sentence, $mesh->slip, $units, [], [$worked->rolls, $worked->used, $worked->left], $mesh->id);
        }

        return new self(
            self::line('plan', '{name}', $plan->heading, $units, [], []),
            self::line('form', $plan->formKind->sentence(), $plan->formSlip, $units, [], []),
            self::line("ties.$plan->tiesId", $plan->layout->sentence(), $plan->tiesSlip, $units, $plan->layout->words($plan->form), [$result->tally->ties]),
            $layers,
            $meshes,
            $uses,
            self::line('stems', 'Stems come {pack} in a pack, at {price} a pack.', $plan->stems->slip, $units, [], [$result->tally->stems, $result->tally->packs]),
            self::line('settings', 'Show lengths in {units}. Count the cost {cost}; an end under {keepFrom} is not worth keeping.', $plan->settings->slip, $units, [], []),
        );
    }

    /**
     * @param  array<string, string>  $computed
     * @param  list<Figure>  $figures
     */
    private static function line(string $address, string $sentence, Slip $slip, Units $units, array $computed, array $figures, ?string $mesh = null): Line
    {
        $parts = [];
        foreach (preg_split('/(\{=?\w+\})/', $sentence, -1, PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $key = trim($part, '{=}');
            $parts[] = match (true) {
                str_starts_with($part, '{=') => $computed[$key],
                str_starts_with($part, '{') => self::blank($address, $key, $slip, $units),
                default => $part,
            };
        }

        return new Line($address, $parts, $figures, $mesh);
    }

    private static function blank(string $address, string $key, Slip $slip, Units $units): BlankPart
    {
        $written = $slip->write()[$key];

        return new BlankPart(
            "$address.$key",
            rtrim($slip->blanks[$key]->label(), ','),
            $slip->show($key, $units),
            is_array($written) ? implode(', ', $written) : (string) $written,
            $slip->blanks[$key]->options(),
            $slip->blanks[$key] instanceof ColourBlank,
        );
    }
}
