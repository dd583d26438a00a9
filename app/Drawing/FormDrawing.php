<?php

namespace App\Drawing;

use App\Drawing\Elements\HangsDown;
use App\Drawing\Elements\StandsUpright;
use Davrin\Core\Edit\PlaceThing;
use Davrin\Core\Estimate\Extent;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Ties\Tie;

/** A plan's form to scale, from one side: wires, crossbars, mesh, numbered ties, finished outline and opening. */
final readonly class FormDrawing
{
    /** Elements of a row that look a little different from each other. */
    private const VARIANTS = 2;

    /** Inches kept free round it, on a form of the usual size. */
    private const MARGIN = 0.6;

    /** How many drawing units a picture in the editor is about high: what is written is as large whatever the form. */
    private const USUAL_HEIGHT = 460;

    /**
     * With more ties than this the mesh would be hidden under their numbers: then only the first of a row in each section bears its
     * own.
     */
    private const NUMBERED = 72;

    /** Radius of a tie's number, in drawing units. */
    public const TIE = 9.6;

    /** @var array<int, Place> of each tie as seen from this side, by its number */
    private array $places;

    /** @var array<string, mixed> as Form::jsonSerialize gives it: lengths in inches, seen from the front */
    public array $form;

    /** @var array<string, Ink> of what is wound and of what is seen of the goods, by the id of the material */
    public array $inks;

    /** @var list<PartDrawing> */
    public array $parts;

    /**
     * @var list<array{
     *     number: int, row: int, x: float, y: float, numbered: bool, changes: bool, warned: bool, where: string, carries: list<string>,
     * }>
     */
    public array $ties;

    public Extent $extent;

    /** @var list<Point> where ends trail to that no measure of the piece counts, in inches, as seen from this side */
    private array $trailing;

    /** @var array<string, array{bool, string}> whether its elements can be put elsewhere, and what one is called, by part */
    private array $moving;

    /** @var array<string, float> how wide each mesh is, in inches, by its id */
    private array $widths;

    /**
     * @param  bool  $mesh  with the mesh on it, or the bare form and its ties
     * @param  ?string  $photo  what a sign bears that has a photograph on it, as an address; null where there is none
     * @param  string  $prefix  before the names of hatches, where several plans are on one page
     */
    public function __construct(
        Plan $plan,
        public Result $result,
        public Side $side,
        public bool $mesh = true,
        private string $prefix = '',
        private ?string $photo = null,
    ) {
        $this->form = $result->form->jsonSerialize();
        $this->extent = $mesh ? $result->extent : Extent::bare($plan->form);
        $this->inks = array_map(
            fn (Material $material): Ink => Ink::from(
                $material->slip->text('colour'),
                $material instanceof Wound ? $material->slip->text('hatch') : Ink::PLAIN,
                $prefix.$material->id,
            ),
            array_filter($plan->materials->all, fn (Material $its): bool => $its instanceof Wound || $plan->partsOf($its) !== []),
        );
        $this->widths = array_combine(
            array_column($plan->wound(), 'id'),
            array_map(fn (Wound $mesh): float => $mesh->width()->toInches(), $plan->wound()),
        );
        $this->moving = array_column(array_map(
            fn (Part $part): array => [$part->id, [PlaceThing::isMovable($part), $part->kind->noun()[0]]],
            $plan->parts,
        ), 1, 0);
        $this->places = array_column(
            array_map(fn (TieResult $tie): array => [$tie->tie->number, $this->seen($tie->tie->place)], $result->ties),
            1,
            0,
        );
        $this->parts = $mesh ? $this->layers() : [];
        $this->trailing = $mesh ? $this->trailing() : [];
        $this->ties = $this->ties();
    }

    /** @return list<PartDrawing> those that lie over all of the mesh, or those that do not */
    public function lying(bool $over): array
    {
        return array_values(array_filter($this->parts, fn (PartDrawing $part): bool => $part->isOver === $over));
    }

    /** What the picture shows, for those who cannot see it. */
    public function words(): string
    {
        return self::wordsOf($this->result, $this->side);
    }

    public static function wordsOf(Result $result, Side $side): string
    {
        $parts = array_map(fn (PartResult $part): string => $part->count->shown, array_filter(
            $result->parts,
            fn (PartResult $part): bool => $part->elements !== [],
        ));

        return sprintf(
            '%s Seen from the %s: %s ties%s.',
            $result->formWords,
            $side->value,
            $result->tally->ties->shown,
            $parts === [] ? '' : ', '.implode(', ', $parts),
        );
    }

    /** What the picture takes up, in drawing units, as seen from this side: the piece, what is written beside it, and a margin. */
    public function frame(): Box
    {
        $written = array_map(fn (array $section): Point => new Point($section['x'], $section['y']), $this->sections());

        $trailing = array_map(fn (Point $point): Point => $point->times(Path::SCALE), $this->trailing);

        return $this->box()->times(Path::SCALE)->with([...$written, ...$trailing])
            ->widened(self::MARGIN * Path::SCALE * $this->magnified());
    }

    /** The finished piece, in inches, as seen from this side. */
    public function box(): Box
    {
        $box = $this->extent->box;

        return $this->side === Side::Front ? $box : $box->fromBehind();
    }

    /** How much larger than usual things are written, so that they are read on a large form too, and ties do not lie on each other. */
    public function magnified(): float
    {
        $all = $this->box()->with($this->trailing);

        return max(0.5, max($all->high(), $all->wide()) * Path::SCALE / self::USUAL_HEIGHT);
    }

    public function tieMagnified(): float
    {
        $ties = $this->ties;
        usort($ties, fn (array $a, array $b): int => $a['x'] <=> $b['x']);
        $nearest = INF;
        foreach ($ties as $index => $tie) {
            // From left to right, so that only those need comparing that are not too far across already.
            for ($next = $index + 1; isset($ties[$next]) && $ties[$next]['x'] - $tie['x'] < $nearest; $next++) {
                $distance = hypot($tie['x'] - $ties[$next]['x'], $tie['y'] - $ties[$next]['y']);
                $nearest = $distance > 1 ? min($nearest, $distance) : $nearest;
            }
        }

        return round(min($this->magnified(), max(0.35, $nearest / 2 / self::TIE)), 3);
    }

    /**
     * Each section's number, and a mark where it begins, beside the finished piece.
     *
     * @return list<array{number: int, x: float, y: float, mark: array{float, float, float, float}}> in drawing units
     */
    public function sections(): array
    {
        $out = $this->extent->beyond;
        $more = $this->magnified();
        $scaled = fn (Point $point): array => $point->times(Path::SCALE)->rounded(1)->jsonSerialize();

        return array_map(function (array $section) use ($out, $more, $scaled): array {
            [$start, $middle] = [new Place(...$section['start']), new Place(...$section['middle'])];
            // A corner's outward way is long: its number goes on until it is clear of the piece.
            $beyond = $out + 0.75 * $more;
            while ($this->form['closed'] && $this->extent->cover->holds($middle->beside(0.0, $beyond), 0.6 * $more)) {
                $beyond += 0.25;
            }
            [$x, $y] = $scaled($this->seen($middle)->beside(0.0, $beyond));

            return [
                'number' => $section['number'],
                'x' => $x,
                'y' => $y,
                'mark' => [
                    ...$scaled($this->seen($start)->beside(0.0, $out + 0.1 * $more)),
                    ...$scaled($this->seen($start)->beside(0.0, $out + 0.55 * $more)),
                ],
            ];
        }, $this->form['sections']);
    }

    /**
     * The finished piece and what stays open in it, where they are not circles, as path data.
     *
     * @return list<string>
     */
    public function outlines(): array
    {
        $seen = fn (Point $point): Point => $this->side === Side::Front ? $point : $point->fromBehind();

        return array_map(
            fn (array $stretch): string => Path::line(array_map($seen, $stretch)),
            $this->extent->cover->outlines(),
        );
    }

    /**
     * What is built later lies over what was there, and ribbon over all of it. Only among parts built one after another on one
     * layout of a closed form does mesh lean inward, over what lies farther out.
     *
     * @return list<PartDrawing>
     */
    private function layers(): array
    {
        $ties = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $tie->tie], $this->result->ties), 1, 0);
        [$drawn, $block] = [[], 0];
        foreach ($this->result->parts as $index => $part) {
            $isOver = $index > 0 && ($part->ties !== $this->result->parts[$index - 1]->ties || ! $part->size->standsOut());
            $block += $isOver ? 1 : 0;
            // What stands on the front is seen from behind only through what is open.
            $isBehind = $this->side === Side::Back && $part->room !== [];
            $rows = collect($part->elements)->groupBy(
                fn (ElementResult $element): string => ($ties[$element->element->ties[0] ?? 0]->row ?? 0).'-'.$element->element->pass,
            );
            foreach ($rows as $row => $elements) {
                $first = $elements->first()->element;
                $farthest = $elements->max(fn (ElementResult $element): float => self::out($element, $ties));
                // What fills the space outside a row lies between it and the next.
                $order = $this->form['closed']
                    ? -$farthest - ($first->pass > 0 ? 0.1 : 0.0)
                    : ($first->ties === [] && $first->place === null ? -INF : 0.0);
                $drawn[] = [$isBehind ? -1 : $block, $order, $index, $this->part($part, $row, array_values($elements->all()), $ties)];
            }
        }
        usort($drawn, fn (array $a, array $b): int => array_slice($a, 0, 3) <=> array_slice($b, 0, 3));

        return array_column($drawn, 3);
    }

    /**
     * How far out an element stands; what covers the form lies under all else.
     *
     * @param  array<int, Tie>  $ties  by number
     */
    private static function out(ElementResult $element, array $ties): float
    {
        $place = $element->element->place ?? ($ties[$element->element->ties[0] ?? 0] ?? null)?->place;

        return $place === null ? INF : round($place->out(), 2);
    }

    /**
     * Elements of a row that differ in nothing but where they stand are drawn once and put into their places.
     *
     * @param  list<ElementResult>  $elements
     * @param  array<int, Tie>  $ties  by number
     */
    private function part(PartResult $part, string $row, array $elements, array $ties): PartDrawing
    {
        $draw = app(Drawings::class)->of($part->kind);
        [$shapes, $inks, $known, $placed] = [[], [], [], []];
        foreach ($elements as $element) {
            $numbers = $element->element->ties;
            $places = array_map(fn (int $tie): Place => $this->places[$tie], $numbers);
            $first = $places[0] ?? ($element->element->place === null ? new Place(0.0, 0.0, 0.0) : $this->seen($element->element->place));
            $first = match (true) {
                $draw instanceof HangsDown => new Place($first->x, $first->y, 0.0),
                $draw instanceof StandsUpright => new Place($first->x, $first->y, $this->turned($part)),
                default => $first,
            };
            $upright = array_map(fn (Place $place): Place => $place->seenFrom($first), $places);
            $middle = $numbers === [] ? 0.0 : $this->result->form->frame->middleFrom($ties[$numbers[0]]->seat);
            $variant = $element->element->number % self::VARIANTS;
            $key = $variant.implode(' ', $element->materials).implode(' ', $element->lengths).sprintf(' %.2f', $middle).implode(
                array_map(
                    fn (Place $tie): string => sprintf(' %.2f %.2f %.1f %.3f', $tie->x + 0.0, $tie->y + 0.0, $tie->outward, $tie->bend),
                    $upright,
                ),
            );
            if (! isset($known[$key])) {
                $known[$key] = count($shapes);
                $inks[] = array_map(fn (string $mesh): Ink => $this->inks[$mesh], $element->materials);
                $shapes[] = $draw->draw(
                    new Piece(
                        $part,
                        $this->result->form,
                        $this->side === Side::Back,
                        $variant,
                        $upright,
                        $element->element->pass,
                        $middle,
                        $element->lengths,
                        array_map(fn (string $mesh): float => $this->widths[$mesh] ?? 0.0, $element->materials),
                    ),
                );
            }
            $placed[] = [
                'id' => $element->element->id,
                'ties' => $numbers,
                'missing' => $element->missing,
                'number' => $element->element->number,
                'shape' => $known[$key],
                'x' => round($first->x * Path::SCALE, 1),
                'y' => round($first->y * Path::SCALE, 1),
                'turn' => round($first->outward, 2),
            ];
        }

        $isOver = ! $part->size->standsOut() && ($this->side === Side::Front || $part->room === []);

        return new PartDrawing(
            "$this->prefix$part->id-$row",
            $part->id,
            $part->kind,
            $shapes,
            $inks,
            $placed,
            $isOver,
            ...$this->moving[$part->id],
            photo: $this->photo,
        );
    }

    /** By how many degrees an upright element is turned clockwise, as seen from this side. */
    private function turned(PartResult $part): float
    {
        return ($this->side === Side::Front ? 1 : -1) * ($part->measures['turned'] ?? 0.0);
    }

    /** @return list<Point> */
    private function trailing(): array
    {
        $points = [];
        foreach ($this->result->parts as $part) {
            $far = $part->size->trails;
            $down = app(Drawings::class)->of($part->kind) instanceof HangsDown;
            foreach ($far > 0.0 ? $part->elements : [] as $element) {
                $place = isset($element->element->ties[0])
                    ? $this->places[$element->element->ties[0]]
                    : $this->seen($element->element->place ?? new Place(0.0, 0.0, 0.0));
                array_push($points, new Point($place->x, $place->y + $far), ...($down ? [] : [
                    new Point($place->x, $place->y - $far), new Point($place->x - $far, $place->y), new Point($place->x + $far, $place->y),
                ]));
            }
        }

        return $points;
    }

    private function seen(Place $place): Place
    {
        return $this->side === Side::Front ? $place : $place->fromBehind();
    }

    /**
     * @return list<array{
     *     number: int, row: int, x: float, y: float, numbered: bool, changes: bool, warned: bool, where: string, carries: list<string>,
     * }>
     */
    private function ties(): array
    {
        $changes = [];
        foreach ($this->result->wound as $mesh) {
            foreach ($mesh->plan->changes as $change) {
                $changes[$change->tie] = true;
            }
        }

        $warned = array_flip(array_merge(...array_map(fn (Advice $advice): array => $advice->ties, $this->result->advice)));
        [$crowded, $last] = [$this->mesh && count($this->result->ties) > self::NUMBERED, null];

        return array_map(function (TieResult $tie) use ($changes, $warned, $crowded, &$last): array {
            $place = $this->places[$tie->tie->number];
            [$before, $last] = [$last, [$tie->tie->row, $tie->tie->section, $tie->tie->seat->key()]];

            return [
                'number' => $tie->tie->number,
                'row' => $tie->tie->row,
                'x' => round($place->x * Path::SCALE, 1),
                'y' => round($place->y * Path::SCALE, 1),
                'numbered' => ! $crowded || $before !== $last,
                'changes' => isset($changes[$tie->tie->number]),
                'warned' => isset($warned[$tie->tie->number]),
                'where' => $tie->where,
                'carries' => $tie->carries,
            ];
        }, $this->result->ties);
    }
}
