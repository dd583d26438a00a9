<?php

namespace App\Techniques;

use App\Drawing\Drawings;
use App\Drawing\Elements\HangsDown;
use App\Drawing\Elements\NotSeen;
use App\Drawing\FormDrawing;
use App\Drawing\Path;
use App\Drawing\Side;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Layout\Free;

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

    public static function of(PartKind $technique, PlanReader $reader, Engine $engine): self
    {
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

    public function drawing(): FormDrawing
    {
        return new FormDrawing($this->plan, $this->result, Side::Front, prefix: $this->technique->key().'-');
    }

    /** What of the form is seen, in drawing units: a square with the element in its middle. */
    public function frame(): Box
    {
        $box = $this->result->form->box();
        if ($this->result->form->areas !== []) {
            return self::square(($box->top + $box->bottom) / 2, max($box->wide(), $box->high()) / 2 + self::MARGIN, 0.0);
        }
        $size = $this->part()->size;
        $hangs = app(Drawings::class)->of($this->technique->key()) instanceof HangsDown;
        [$up, $down] = [max($size->reach, $hangs ? 0.0 : $size->trails), max($size->reach, $size->hangs, $size->trails)];
        $half = max(
            ($up + $down) / 2,
            $size->span,
            $this->part()->elements === [] || count($this->part()->elements) < 2 ? 0.0 : 6.0,
        ) + self::MARGIN;

        return self::square($this->result->ties[0]->tie->place->y, $half, ($down - $up) / 2);
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

    private static function square(float $tie, float $half, float $below): Box
    {
        return Box::square($half)->plus(new Point(0.0, $tie + $below))->times(Path::SCALE);
    }
}
