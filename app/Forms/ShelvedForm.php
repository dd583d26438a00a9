<?php

namespace App\Forms;

use App\Drawing\FormDrawing;
use App\Editor\Problem;
use App\Editor\Side;
use App\Models\ShelfForm;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;

/** A form on the shelf as it is shown: drawn, told in its sentence, and what a maker wants to know of it before tying. */
final readonly class ShelvedForm
{
    public FormDrawing $drawing;

    public Line $sentence;

    public Result $result;

    public function __construct(public ShelfForm $shelf, public ?Problem $problem = null)
    {
        $plan = $shelf->plan();
        $this->result = app(Engine::class)->work($plan);
        $this->drawing = new FormDrawing($plan, $this->result, Side::Front, mesh: false, prefix: "f$shelf->id-");
        $this->sentence = Recipe::of($plan, $this->result)->form;
    }

    /** @return list<string> each row with its length, and how even its sections are */
    public function rows(): array
    {
        $form = $this->result->form;

        return array_map(fn (Seat $seat): string => $this->row($form, $seat), $form->pairs() ?: $form->seats());
    }

    private function row(Form $form, Seat $seat): string
    {
        $shown = fn (float $inches): string => Units::Inches->place(Length::ofUnits((int) round($inches * Length::PER_INCH)));
        $sections = array_map(fn (int $section): float => $form->sectionLength($seat, $section), range(1, $form->sections()));
        $even = max($sections) - min($sections) < 1 / 16;

        return sprintf(
            'the %s: %s %s%s',
            $form->name($seat),
            $shown($form->length($seat)),
            $form->closed() ? 'round' : 'long',
            match (true) {
                count($sections) === 1 => '',
                $even => ', sections of '.$shown($sections[0]),
                default => sprintf(', sections of %s to %s', $shown(min($sections)), $shown(max($sections))),
            },
        );
    }
}
