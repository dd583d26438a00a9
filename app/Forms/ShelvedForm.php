<?php

namespace App\Forms;

use App\Blanks\Problem;
use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\ShelfForm;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Form\RowWords;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;

/** A form on the shelf as it is shown: drawn, told in its sentence, and what a maker wants to know of it before tying. */
final readonly class ShelvedForm
{
    public FormDrawing $drawing;

    public Line $sentence;

    public Result $result;

    /** @var list<string> each row with its length and how even its sections are */
    public array $rows;

    public function __construct(public ShelfForm $shelf, public ?Problem $problem = null)
    {
        $plan = $shelf->plan();
        $this->result = app(Engine::class)->figures($plan);
        $this->drawing = new FormDrawing($plan, $this->result, Side::Front, mesh: false, prefix: "f$shelf->id-");
        $this->rows = RowWords::of($plan->form, $plan->units());
        $this->sentence = Recipe::of($plan, $this->result)->form;
    }
}
