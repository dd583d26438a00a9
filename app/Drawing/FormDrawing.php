<?php

namespace App\Drawing;

use App\Drawing\Elements\ElementShape;
use App\Editor\Side;
use Davrin\Core\Form\Place;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\LayerResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\TieResult;
use Illuminate\Support\Str;

/** A plan's form to scale, from one side: wires, crossbars, mesh, numbered ties, finished outline and opening. */
final readonly class FormDrawing
{
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

    /** @param  string  $prefix before the names of hatches, where several plans are on one page */
    public function __construct(Plan $plan, public Result $result, public Side $side, string $prefix = '')
    {
        $this->form = $result->form->jsonSerialize();
        $this->finished = max([$result->form->reach(), ...array_map(fn ($layer): float => $layer->extent()[1], $plan->layers)]);
        $this->opening = $plan->layers === [] ? 0.0 : max(0.0, min(array_map(fn ($layer): float => $layer->extent()[0], $plan->layers)));
        $inks = [];
        foreach ($plan->meshes as $mesh) {
            $inks[$mesh->id] = Ink::of($mesh, $prefix.$mesh->id);
        }
        $this->inks = $inks;
        $this->layers = $this->layers($inks);
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
        return max($this->finished, $this->result->form->reach()) + 1.4;
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
     * @param  array<string, Ink>  $inks
     * @return list<LayerDrawing>
     */
    private function layers(array $inks): array
    {
        $rowOf = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $tie->tie->row], $this->result->ties), 1, 0);
        $byRow = [];
        foreach ($this->result->layers as $layer) {
            $rows = collect($layer->elements)->groupBy(fn (ElementResult $element): int => $rowOf[$element->element->ties[0]]);
            foreach ($rows as $row => $elements) {
                $byRow[$row][] = $this->layer($layer, $inks[$layer->mesh], $elements->all());
            }
        }
        krsort($byRow);

        return array_merge(...$byRow);
    }

    /** @param  list<ElementResult>  $elements */
    private function layer(LayerResult $layer, Ink $ink, array $elements): LayerDrawing
    {
        $shape = $this->shape($layer->technique);
        $places = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $this->seen($tie)], $this->result->ties), 1, 0);

        return new LayerDrawing($layer->id, $layer->technique, $ink, array_map(fn (ElementResult $element): array => [
            'id' => $element->element->id,
            'tie' => $element->element->ties[0],
            'missing' => $element->roll === null,
            ...$shape->draw($element->element->number, array_map(fn (int $tie): Place => $places[$tie], $element->element->ties), $layer->reach, $layer->span),
        ], $elements));
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
            $place = $this->seen($tie);

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
