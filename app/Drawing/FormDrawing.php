<?php

namespace App\Drawing;

use App\Drawing\Elements\ElementShape;
use App\Editor\Side;
use Davrin\Core\Form\Place;
use Davrin\Core\Plan\Mesh;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\LayerResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Illuminate\Support\Str;

/** A plan's form to scale, from one side: wires, crossbars, mesh, numbered ties, finished outline and opening. */
final readonly class FormDrawing
{
    /** Elements of a row that look a little different from each other. */
    private const VARIANTS = 2;

    /** @var array<int, Place> of each tie as seen from this side, by its number */
    private array $places;

    /** @var array<string, mixed> as Form::jsonSerialize gives it: lengths in inches, angles in degrees */
    public array $form;

    /** @var array<string, Ink> by mesh id */
    public array $inks;

    /** @var list<LayerDrawing> */
    public array $layers;

    /** @var list<array{number: int, x: float, y: float, changes: bool, bare: bool, where: string, carries: list<string>}> */
    public array $ties;

    /** Half of the finished size and of the opening, in inches. */
    public float $finished;

    public float $opening;

    /**
     * @param  bool  $mesh  with the mesh on it, or the bare form and its ties
     * @param  string  $prefix  before the names of hatches, where several plans are on one page
     */
    public function __construct(Plan $plan, public Result $result, public Side $side, public bool $mesh = true, private string $prefix = '')
    {
        $layers = $mesh ? $plan->layers : [];
        $this->form = $result->form->jsonSerialize();
        $this->finished = max([$result->form->reach(), ...array_map(fn ($layer): float => $layer->extent()[1], $layers)]);
        $this->opening = $layers === [] ? 0.0 : max(0.0, min(array_map(fn ($layer): float => $layer->extent()[0], $layers)));
        $this->inks = array_combine(array_column($plan->meshes, 'id'), array_map(fn (Mesh $mesh): Ink => Ink::of($mesh, $prefix.$mesh->id), $plan->meshes));
        $this->places = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $this->seen($tie)], $result->ties), 1, 0);
        $this->layers = $mesh ? $this->layers() : [];
        $this->ties = $this->ties();
    }

    /** What the picture shows, for those who cannot see it. */
    public function words(): string
    {
        $layers = array_map(fn (LayerResult $layer): string => $layer->count->shown, $this->result->layers);

        return sprintf('%s Seen from the %s: %s ties%s.', $this->result->formWords, $this->side->value, $this->result->tally->ties->shown, $layers === [] ? '' : ', '.implode(', ', $layers));
    }

    /** Half the side of the square that holds the picture, in inches, with room for the section numbers. */
    public function frame(): float
    {
        return $this->finished + 1.4;
    }

    /** An angle as it is seen from this side. */
    public function angle(float $degrees): float
    {
        return $this->side === Side::Front ? $degrees : -$degrees;
    }

    /** @return array{float, float} in drawing units */
    public function polar(float $inches, float $degrees): array
    {
        $place = Place::polar($inches, $this->angle($degrees));

        return [round($place->x * Path::SCALE, 1), round($place->y * Path::SCALE, 1)];
    }

    /**
     * Mesh stands up from its tie, so what is nearer the middle lies over what is farther out; on one row what is built
     * later lies over what was there.
     *
     * @return list<LayerDrawing>
     */
    private function layers(): array
    {
        $rowOf = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $tie->tie->row], $this->result->ties), 1, 0);
        $byRow = [];
        foreach ($this->result->layers as $layer) {
            $rows = collect($layer->elements)->groupBy(fn (ElementResult $element): int => $rowOf[$element->element->ties[0]]);
            foreach ($rows as $row => $elements) {
                $byRow[$row][] = $this->layer($layer, $row, array_values($elements->all()));
            }
        }
        krsort($byRow);

        return array_merge(...$byRow);
    }

    /**
     * Elements of a row that differ in nothing but where they stand are drawn once and turned into their places.
     *
     * @param  list<ElementResult>  $elements
     */
    private function layer(LayerResult $layer, int $row, array $elements): LayerDrawing
    {
        $draw = $this->shape($layer->technique);
        [$shapes, $known, $placed] = [[], [], []];
        foreach ($elements as $element) {
            $ties = array_map(fn (int $tie): Place => $this->places[$tie], $element->element->ties);
            $turn = $ties[0]->outward;
            $upright = array_map(fn (Place $tie): Place => Place::polar($tie->radius(), $tie->outward - $turn), $ties);
            $variant = $element->element->number % self::VARIANTS;
            $key = $variant.implode(array_map(fn (Place $tie): string => sprintf(' %.3f %.3f', $tie->x, $tie->y), $upright));
            if (! isset($known[$key])) {
                $known[$key] = count($shapes);
                $shapes[] = $draw->draw($variant, $upright, $layer->reach, $layer->span);
            }
            $placed[] = [
                'ties' => $element->element->ties,
                'missing' => $element->roll === null,
                'shape' => $known[$key],
                'turn' => round($turn, 2),
            ];
        }

        return new LayerDrawing("$this->prefix$layer->id-$row", $layer->id, $layer->technique, $this->inks[$layer->mesh], $shapes, $placed);
    }

    private function seen(TieResult $tie): Place
    {
        return $this->side === Side::Front ? $tie->tie->place : $tie->tie->place->fromBehind();
    }

    private function shape(string $technique): ElementShape
    {
        return app(__NAMESPACE__.'\\Elements\\'.Str::studly($technique).'Shape');
    }

    /** @return list<array{number: int, x: float, y: float, changes: bool, bare: bool, where: string, carries: list<string>}> */
    private function ties(): array
    {
        $changes = [];
        foreach ($this->result->meshes as $mesh) {
            foreach ($mesh->plan->changes as $change) {
                $changes[$change->tie] = true;
            }
        }

        return array_map(function (TieResult $tie) use ($changes): array {
            $place = $this->places[$tie->tie->number];

            return [
                'number' => $tie->tie->number,
                'x' => round($place->x * Path::SCALE, 1),
                'y' => round($place->y * Path::SCALE, 1),
                'changes' => isset($changes[$tie->tie->number]),
                'bare' => $tie->carries === [],
                'where' => $tie->where,
                'carries' => $tie->carries,
            ];
        }, $this->result->ties);
    }
}
