<?php

namespace App\Techniques;

use App\Drawing\Drawings;
use App\Drawing\Elements\HangsDown;
use App\Drawing\Elements\NotSeen;
use App\Drawing\FormDrawing;
use App\Drawing\Ink;
use App\Drawing\PartDrawing;
use App\Drawing\Path;
use App\Drawing\Shape;
use App\Drawing\Side;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Ties\Layout\Free;
use LogicException;

/** A kind of part as it usually is, on a straight stretch of wires: what its drawing and its figures are shown by. */
final readonly class Sample
{
    /** Inches kept free round it. */
    private const MARGIN = 0.6;

    private const RIBBONS = [
        ['id' => 'r', 'kind' => 'ribbon', 'name' => 'Rust stripe', 'colour' => '#a5502f', 'hatch' => 'stripes'],
        ['id' => 's', 'kind' => 'ribbon', 'name' => 'Cream check', 'hatch' => 'checks', 'width' => '1 1/2 in'],
    ];

    private function __construct(public PartKind $technique, private Plan $plan, private Result $result) {}

    /** @param  ?LearnedFigures  $learned  what its figures rest on beside guesses */
    public static function of(
        PartKind $technique,
        PlanReader $reader,
        Engine $engine,
        Units $units = Units::Inches,
        ?LearnedFigures $learned = null,
    ): self {
        $several = $technique->materials()->most > 1;
        $mesh = ['width' => $several ? '6 in' : '10 in', 'roll' => '20 yd'];
        $example = $technique->example();
        $plan = $reader->read([
            'name' => $technique->name(),
            'form' => $example->form,
            'ties' => $example->spots === [] ? [] : [['layout' => Free::KEY, 'spots' => $example->spots]],
            'materials' => [
                ['id' => 'a', 'name' => 'Sage mesh', ...$mesh],
                ['id' => 'b', 'name' => 'Gold mesh', 'colour' => '#c99a3c', 'hatch' => 'dots', ...$mesh],
                ...($technique->materials()->wound === null ? [] : self::RIBBONS),
            ],
            'parts' => [
                ...$example->before,
                [
                    'id' => 'shown',
                    'kind' => $technique->key(),
                    ...$example->shown,
                    // What takes something else than mesh or ribbon gets the usual.
                    ...(! $technique->materials()->isNone() && in_array($technique->materials()->usualKind(), [null, Ribbon::KEY], true)
                        ? ['material' => self::mix($technique, $several)]
                        : []),
                ],
            ],
            'settings' => ['units' => $units->value],
            'learned' => $learned?->write() ?? [],
        ]);

        return new self($technique, $plan, $engine->figures($plan));
    }

    /** @return string|list<string> */
    private static function mix(PartKind $technique, bool $several): string|array
    {
        $use = $technique->materials();

        return match (true) {
            $use->wound !== null => array_column(self::RIBBONS, 'id'),
            $use->counted => ['a: 2', 'b: 2'],
            $several && $use->least === 1 => 'a',
            $several => ['a', 'b'],
            default => 'a',
        };
    }

    /** @param  string  $prefix  of its ids, where it is drawn more than once on a page */
    public function drawing(string $prefix = ''): FormDrawing
    {
        return new FormDrawing($this->plan, $this->result, Side::Front, prefix: $prefix.$this->technique->key().'-');
    }

    /** The first of its elements by itself, its tie in the middle. */
    public function shape(): Shape
    {
        return $this->shown()->shapes[0] ?? new Shape([]);
    }

    /** What a piece of it is drawn in. */
    public function ink(int $piece): Ink
    {
        return $this->shown()->inks[0][$piece] ?? Ink::from('#7f9a76', Ink::PLAIN, 'guide-plain');
    }

    private function shown(): PartDrawing
    {
        $drawing = $this->drawing();
        $its = array_values(array_filter(
            [...$drawing->lying(over: false), ...$drawing->lying(over: true)],
            fn (PartDrawing $part): bool => $part->id === $this->part()->id,
        ));

        return $its[0] ?? throw new LogicException("{$this->technique->key()} is drawn nowhere.");
    }

    /** What of the form is seen, in drawing units: a square with the element in its middle. */
    public function frame(): Box
    {
        $place = $this->result->form->areas === [] ? $this->result->ties[0]->tie->place->y : 0.0;

        return $this->room()->plus(new Point(0.0, $place))->times(Path::SCALE);
    }

    /** Where the middle of its first element lies, in inches from the first of its ties. */
    public function middle(): Point
    {
        $places = array_column(array_map(fn (TieResult $its): array => [$its->tie->number, $its->tie->place], $this->result->ties), 1, 0);
        $ties = array_values(array_intersect_key($places, array_flip(($this->part()->elements[0] ?? null)?->element->ties ?? [])));

        return count($ties) < 2
            ? Point::middle()
            : new Point(($ties[count($ties) - 1]->x - $ties[0]->x) / 2, ($ties[count($ties) - 1]->y - $ties[0]->y) / 2);
    }

    /** A square round one element, in inches from its tie. */
    public function room(): Box
    {
        $box = $this->result->form->box();
        if ($this->result->form->areas !== []) {
            return Box::square(max($box->wide(), $box->high()) / 2 + self::MARGIN)->plus(new Point(0.0, ($box->top + $box->bottom) / 2));
        }
        $size = $this->part()->size;
        $hangs = app(Drawings::class)->of($this->technique->key()) instanceof HangsDown;
        [$up, $down] = [max($size->reach, $hangs ? 0.0 : $size->trails), max($size->reach, $size->hangs, $size->trails)];
        $half = max(
            ($up + $down) / 2,
            $size->span,
            $this->part()->elements === [] || count($this->part()->elements) < 2 ? 0.0 : 6.0,
        ) + self::MARGIN;

        return Box::square($half)->plus(new Point(0.0, ($down - $up) / 2));
    }

    /** What its elements take of mesh together. */
    public function takes(): Length
    {
        return LengthText::read((string) $this->part()->takes->value, null);
    }

    /** How many ties it stands on. */
    public function ties(): int
    {
        $ties = array_map(fn (ElementResult $its): array => $its->element->ties, $this->part()->elements);

        return count(array_unique(array_merge(...$ties)));
    }

    /** How wide the mesh is that it is shown of. */
    public function width(): Length
    {
        return $this->plan->wound()[0]->width();
    }

    /** How long one of its elements usually takes to make. */
    public function minutesEach(): float
    {
        $steps = array_column($this->result->build, null, 'key');

        return ($steps['parts.shown']->minutes ?? 0.0) / max(1, count($this->part()->elements));
    }

    /** Whether a drawing shows any of it. */
    public function isSeen(): bool
    {
        return ! app(Drawings::class)->of($this->technique->key()) instanceof NotSeen;
    }

    public function part(): PartResult
    {
        return $this->result->parts[count($this->result->parts) - 1];
    }

    public function sentence(): Line
    {
        $parts = Recipe::of($this->plan, $this->result)->parts;

        return $parts[count($parts) - 1];
    }
}
