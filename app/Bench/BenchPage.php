<?php

namespace App\Bench;

use App\Drawing\FormDrawing;
use App\Drawing\Ink;
use App\Drawing\Path;
use App\Drawing\Side;
use App\Models\Build;
use App\Models\Photograph;
use App\Models\ShelfStock;
use App\Shelf\BenchShelf;
use App\Shelf\Standing;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Units;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Words\Words;

/** The bench: what is done now, large; the form with its place lit; and everything before and after it, to be walked to without asking. */
final class BenchPage
{
    /** So many units are in the page before the one it opens at, and behind it; beyond them the page is asked for again. */
    private const BEFORE = 60;

    private const AFTER = 400;

    public Walk $walk;

    /** The last tick that is surely in the marks: a browser asks for those after it. */
    public int $lastTick;

    /** @var array<string, Mark> by the key of the unit */
    public array $marks;

    /** Where it opens; null where all is done. */
    public ?int $at;

    public Units $units;

    /** @var list<BenchRoll> */
    public array $rolls;

    /** What of its rolls is held or used elsewhere, in words: "342 in of Sage mesh"; null where all of it is there. */
    public ?string $lacks;

    /** @param  ?string  $asked  the key of the unit to open at, where somebody asked for one */
    public function __construct(public readonly Build $build, ?string $asked = null, public readonly ?Side $side = null)
    {
        $this->walk = $build->walk();
        // In this order: what is ticked in between is heard of twice, which does no harm, and never not at all.
        $this->lastTick = $build->lastTick();
        $this->marks = $build->marks();
        $this->rolls = $build->version()->benchRolls();
        $this->units = $build->pieces()[0]->plan->units();
        $lacks = BenchShelf::lacks($build, Standing::atTheBench($build, $this->walk));
        $this->lacks = $lacks === [] ? null : PlanAnew::words($build, $lacks);
        $this->at = ($asked === null ? null : $this->walk->at($asked)) ?? $this->next();
    }

    /** The first that nothing was said of; then the first that was skipped. */
    private function next(): ?int
    {
        $open = array_filter($this->walk->units, fn (Unit $unit): bool => ! isset($this->marks[$unit->key]));
        $skipped = array_filter($this->walk->units, fn (Unit $unit): bool => ($this->marks[$unit->key] ?? null) === Mark::Skipped);

        return array_key_first($open) ?? array_key_first($skipped);
    }

    public function unit(): ?Unit
    {
        return $this->at === null ? null : $this->walk->units[$this->at];
    }

    public function isDone(Unit $unit): bool
    {
        return ($this->marks[$unit->key] ?? null) === Mark::Done;
    }

    /** What comes next, and how long the rest usually takes: "next tie 9, Teal stripe mesh; about 31 min to go". */
    public function ahead(): string
    {
        $open = array_filter($this->walk->units, fn (Unit $unit): bool => ! $this->isDone($unit));
        $minutes = array_sum(array_map(fn (Unit $unit): float => $unit->minutes, $open));

        return $this->unit() === null ? 'next the final check' : "next {$this->unit()->short()}; ".Words::minutes($minutes).' to go';
    }

    /** What was said of last before the one in hand: what back takes back. */
    public function before(): ?Unit
    {
        $said = array_filter(
            array_slice($this->walk->units, 0, $this->at ?? count($this->walk->units)),
            fn (Unit $unit): bool => isset($this->marks[$unit->key]),
        );

        return $said === [] ? null : $said[array_key_last($said)];
    }

    public function done(): int
    {
        return count(array_filter($this->walk->units, $this->isDone(...)));
    }

    /** @return array<int, Unit> those that are in the page, by their number in the walk */
    public function shown(): array
    {
        $from = max(0, ($this->at ?? count($this->walk->units)) - self::BEFORE);

        return array_slice($this->walk->units, $from, self::BEFORE + self::AFTER, true);
    }

    /** @return list<string> what is made or cut of what is not in the page: "1/outer.9", "1/outer.9/0" */
    public function madeBeyond(): array
    {
        $beyond = array_filter(
            array_diff_key($this->walk->units, $this->shown()),
            fn (Unit $unit): bool => $this->isDone($unit) && $unit->element !== null,
        );

        return array_values(array_map(fn (Unit $unit): string => match ($unit->deed) {
            Deed::Cut => (string) $unit->cut,
            default => "$unit->copy/{$unit->element?->id}",
        }, $beyond));
    }

    /** What comes after one, in a few words. */
    public function after(int $number): string
    {
        $next = $this->walk->units[$number + 1] ?? null;

        return $next === null ? 'then the final check' : 'then '.$next->short();
    }

    /** "piece 2 of 3 · ruffles" */
    public function whose(Unit $unit): string
    {
        return implode(' · ', array_filter([
            $this->build->plan->name,
            $this->build->copies > 1 ? "piece $unit->copy of {$this->build->copies}" : '',
            $unit->deed === Deed::Whole ? $unit->step->phase->words() : $unit->group,
        ]));
    }

    /** Which page of the guide shows how it is done, by key; null where none does. */
    public function guide(Unit $unit): ?string
    {
        return app(Guide::class)->forStep($this->build->pieces()[$unit->copy - 1]->plan, $unit->step);
    }

    /** How it usually goes, as a clock shows it: "1:05". */
    public function usually(Unit $unit): string
    {
        return sprintf('%d:%02d', intdiv((int) round($unit->minutes * 60), 60), (int) round($unit->minutes * 60) % 60);
    }

    /** Which of the pictures shows a copy: those of the same design share one. */
    public function picture(int $copy): int
    {
        return count($this->build->version()->documents) === 1 ? 1 : $copy;
    }

    /** @return array<int, list<FormDrawing>> face and back of each design, by the number of its first copy */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->build->pieces() as $piece) {
            $number = $this->picture($piece->copy);
            $pictures[$number] ??= array_map(fn (Side $side): FormDrawing => new FormDrawing(
                $piece->plan,
                $piece->result,
                $side,
                prefix: "p$number{$side->value}-",
                photo: Photograph::address($this->build->plan),
            ), Side::cases());
        }

        return $pictures;
    }

    /**
     * What one element looks like by itself, drawn once more from its place on the form: the name of its shape, and how far it reaches, in
     * drawing units.
     *
     * @param  array<int, list<FormDrawing>>  $pictures
     * @return array<string, array{string, float}> by the number of the picture and the element: "1/outer.9"
     */
    public function shapes(array $pictures): array
    {
        $shapes = [];
        foreach ($pictures as $number => [$front]) {
            $sizes = array_column(array_map(fn (PartResult $part): array => [
                $part->id,
                (max($part->size->reach, $part->size->span) + 0.5) * Path::SCALE,
            ], $front->result->parts), 1, 0);
            foreach ($front->parts as $part) {
                foreach ($part->elements as $element) {
                    $shapes["$number/{$element['id']}"] = ["$part->name-{$element['shape']}", round($sizes[$part->id], 1)];
                }
            }
        }

        return $shapes;
    }

    /** @return array<string, Ink> of the materials, by id; those of all designs together */
    public function inks(): array
    {
        $inks = [];
        foreach ($this->build->pieces() as $piece) {
            foreach ($piece->plan->wound() as $wound) {
                $inks[$wound->id] ??= Ink::of($wound, "bench-$wound->id");
            }
            foreach (array_filter($piece->plan->goods(), fn (Good $good): bool => $piece->plan->partsOf($good) !== []) as $good) {
                $inks[$good->id] ??= Ink::from($good->slip->text('colour'), Ink::PLAIN, "bench-$good->id");
            }
        }

        return $inks;
    }

    /** What a roll is of, whichever piece of work it belongs to. */
    public function wound(BenchRoll $roll): Wound
    {
        foreach ($this->build->pieces() as $piece) {
            $wound = $piece->plan->materials->all[$roll->material] ?? null;
            if ($wound instanceof Wound) {
                return $wound;
            }
        }

        throw new \LogicException("No piece of work has the material \"$roll->material\".");
    }

    /** @return array<int, string> where rolls of the shelf are stored, by what plans know them by */
    public function kept(): array
    {
        return ShelfStock::keptAt(array_map(fn (BenchRoll $roll): ?int => $roll->item, $this->rolls));
    }
}
