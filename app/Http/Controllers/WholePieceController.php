<?php

namespace App\Http\Controllers;

use App\Drawing\Side;
use App\Forms\OutlineRefused;
use App\Forms\SvgOutline;
use App\Http\Headers;
use App\Http\Requests\DoorRequest;
use App\Models\Photograph;
use App\Models\SavedPlan;
use App\Plans\DoorScene;
use App\Shelf\OnTheShelfToo;
use App\Shelf\ShelfRemedies;
use Davrin\Core\Check\BeforeCutting;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** A plan as the whole piece it makes: read over before it is cut, step by step in the order of work, and on the door. */
final readonly class WholePieceController
{
    /** A picture that is taken along brings its own rules, and nothing else. */
    private const ITS_OWN_STYLE = "default-src 'none'; img-src data:; style-src 'unsafe-inline'";

    public function __construct(private Engine $engine) {}

    public function check(SavedPlan $plan, ShelfRemedies $shelf): View
    {
        $result = $shelf->added($plan, $this->engine->work($plan->plan(), how: Thoroughness::Thorough));

        return view('whole.check', [
            'saved' => $plan,
            'check' => BeforeCutting::of($plan->plan(), $result),
            'onTheShelf' => OnTheShelfToo::of($plan, $result),
            'mayChange' => ! $plan->isReady() && $plan->cut_at === null,
        ]);
    }

    public function order(SavedPlan $plan): View
    {
        return view('whole.order', ['saved' => $plan, 'plan' => $plan->plan(), 'result' => $this->engine->figures($plan->plan())]);
    }

    public function door(DoorRequest $request, SavedPlan $plan): Response
    {
        $scene = $this->scene($request, $plan);

        return response()->view('whole.door', ['saved' => $plan, 'request' => $request, 'scene' => $scene, 'sides' => Side::cases()])
            ->header('Content-Security-Policy', self::drawsPictures());
    }

    public function picture(DoorRequest $request, SavedPlan $plan): Response
    {
        $scene = $this->scene($request, $plan);

        return response()->view('whole.door-picture', ['scene' => $scene], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => 'attachment; filename="'.str($plan->name)->slug().'-on-the-door.svg"',
            'Content-Security-Policy' => self::ITS_OWN_STYLE,
        ]);
    }

    /** The outline of a sign from a drawing. */
    public function outline(Request $request, SavedPlan $plan, string $part): RedirectResponse
    {
        $file = $request->file('outline');
        $back = redirect()->to(route('plans.show', $plan)."#line-parts-$part");
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return $back->withErrors(['outline' => 'No drawing was chosen. Choose an SVG file first.']);
        }
        try {
            $read = SvgOutline::read((string) file_get_contents($file->getPathname(), length: SvgOutline::MOST_BYTES + 1));
            $plan->edit(new FillBlanks([
                "parts.$part.shape" => 'outline', "parts.$part.outline" => implode(', ', $read->points()),
            ]), $request->integer('revision'));
        } catch (OutlineRefused|Refused $refused) {
            return $back->withErrors(['outline' => $refused->getMessage()]);
        }

        return $back;
    }

    /** On this page alone a picture is made of a drawing, which is handed on as the address of an image. */
    private static function drawsPictures(): string
    {
        return str_replace("img-src 'self'", "img-src 'self' data:", Headers::ALL['Content-Security-Policy']);
    }

    private function scene(DoorRequest $request, SavedPlan $plan): DoorScene
    {
        return DoorScene::of(
            $plan->plan(),
            $this->engine->figures($plan->plan()),
            $request->place(),
            $request->side(),
            Photograph::within($plan),
        );
    }
}
