<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Material\Material;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;

/** One sentence of the recipe: a kind of part with what is written of it, on the place it stands. */
final readonly class Part
{
    /** More pieces in one line than this are a slip of the pen. */
    public const MOST_PIECES = 2_000;

    private function __construct(
        public string $id,
        public PartKind $kind,
        public PartContext $on,
        public Demand $demand,
        public Size $size,
    ) {}

    /** @throws Fault with a pointer below the part */
    public static function of(PartKind $kind, PartContext $on): self
    {
        $demand = Otherwise::in($kind->demand($on), $on);
        if (max($demand->pieces(), count($demand->elements)) > self::MOST_PIECES) {
            throw Fault::at('', sprintf(
                'That makes %s pieces in one line. Davrin plans up to %s: take fewer ties, or fewer pieces on each.',
                number_format(max($demand->pieces(), count($demand->elements))), number_format(self::MOST_PIECES),
            ));
        }
        if ($kind instanceof CutToLength) {
            self::mustComeFromARoll($kind, $on);
        }

        return new self($on->id, $kind, $on, $demand->inSteps(...$kind->steps($on, $demand)), $kind->size($on));
    }

    /**
     * The same with one blank written anew.
     *
     * @throws Fault
     */
    public function with(string $key, string $written): self
    {
        return self::of($this->kind, $this->on->with($this->on->slip->with($key, $written, $this->on->units)));
    }

    /** @return array<string, mixed> as a plan file holds it */
    public function write(): array
    {
        return ['id' => $this->id, ...$this->on->slip->inFile()];
    }

    /** The same where the log says how large its elements really get. */
    public function sized(?LearnedFigure $reach, ?LearnedFigure $depth): self
    {
        return $reach === null && $depth === null
            ? $this
            : new self($this->id, $this->kind, $this->on, $this->demand, $this->size->learned($reach, $depth));
    }

    /** What the log tells apart of what it is made of: the kind of its first material, and whoever that is bought from. */
    public function bearsOn(): Scope
    {
        $wound = $this->on->wound()[0] ?? null;

        return new Scope($this->kind->key(), $wound?->sort() ?? '', $wound?->source() ?? '');
    }

    public function uses(Material $material): bool
    {
        return in_array($material->id, array_column($this->on->kinds(), 'id'), true);
    }

    /** @return list<Concern> what is seen coming where it stands */
    public function concerns(): array
    {
        return [
            ...$this->kind->concerns($this->on),
            ...($this->on->colourTask === null ? [] : $this->on->colourOrder?->concerns($this->on->colourTask) ?? []),
        ];
    }

    /** @return list<Caution> what to mind at it */
    public function cautions(): array
    {
        $zipTies = array_filter($this->demand->goods, fn (GoodsNeed $need): bool => $need->kind === ZipTies::KEY);

        $ofSteps = array_merge(...array_map(fn (BuildStep $step): array => $step->cautions, $this->demand->steps));

        return array_values(array_unique(
            [...$this->kind->cautions(), ...$ofSteps, ...($zipTies === [] ? [] : [Caution::ZipTies])],
            SORT_REGULAR,
        ));
    }

    /** "Gold mesh", or "Gold mesh and Teal mesh". */
    public function materialNames(): string
    {
        return Material::names($this->on->kinds());
    }

    /** @return list<Place> where its elements stand; none where that is no place that could be drawn */
    public function places(): array
    {
        $ties = array_column(array_map(fn (Tie $tie): array => [$tie->number, $tie->place], $this->on->ties()), 1, 0);
        $places = array_map(
            fn (Element $element): ?Place => $element->place ?? $ties[$element->ties[0] ?? 0] ?? null,
            $this->demand->elements,
        );

        return array_values(array_filter($places));
    }

    /** @return list<Board> what its elements take up on the front of the finished mesh */
    public function room(): array
    {
        return $this->kind instanceof TakesUpRoom ? $this->kind->room($this->on) : [];
    }

    /** @return ?list<Place> places of its own that another part can stand on; null where it has none */
    public function offers(): ?array
    {
        return $this->kind instanceof OffersPlaces ? $this->kind->offers($this->on) : null;
    }

    private static function mustComeFromARoll(CutToLength $kind, PartContext $on): void
    {
        [$least, $words] = $kind->leastRoll($on);
        foreach ($on->wound() as $wound) {
            if ($least->isMoreThan($wound->nominal())) {
                throw Fault::at('/'.$kind->lengthKey(), sprintf(
                    '%s takes %s, and a roll of %s has %s. Write less, or use longer rolls.',
                    $words, $on->units->needed($least), $wound->name(), $on->units->available($wound->nominal()),
                ));
            }
        }
    }
}
