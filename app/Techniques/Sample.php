<?php

namespace App\Techniques;

use App\Drawing\FormDrawing;
use App\Drawing\Path;
use App\Drawing\Side;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;

/** A technique as it usually is, on a straight stretch of wires: what its drawing and its figures are shown by. */
final readonly class Sample
{
    /** Inches kept free round it. */
    private const MARGIN = 0.6;

    private function __construct(public PartKind $technique, private Plan $plan, private Result $result) {}

    public static function of(PartKind $technique, PlanReader $reader, Engine $engine): self
    {
        $key = $technique->key();
        $several = $technique->meshes()->most > 1;
        $mesh = ['width' => $several ? '6 in' : '10 in', 'roll' => '20 yd'];
        $plan = $reader->read([
            'name' => $technique->name(),
            'form' => $key === 'wound-cover' ? ['kind' => 'hat'] : ['kind' => 'outline', 'points' => ['0 0', '60 0'], 'closed' => 'open', 'size' => '60 in', 'count' => 4, 'gap' => '1 in'],
            'ties' => [['layout' => 'free', 'spots' => $key === 'wound-cover' ? ['1: 9 in'] : self::spots($technique)]],
            'meshes' => [['id' => 'a', 'name' => 'Sage mesh', ...$mesh], ['id' => 'b', 'name' => 'Gold mesh', 'colour' => '#c99a3c', 'hatch' => 'dots', ...$mesh]],
            'layers' => [
                ...($key === 'second-across' ? [['id' => 'first', 'mesh' => 'b', 'length' => '19 in']] : []),
                ['id' => 'shown', 'technique' => $key, 'mesh' => self::mix($technique, $several)],
            ],
        ]);

        return new self($technique, $plan, $engine->figures($plan));
    }

    /**
     * One tie in the middle; what is continuous hangs on some.
     *
     * @return non-empty-list<string>
     */
    private static function spots(PartKind $technique): array
    {
        $apart = ['poof' => 4, 'stitch' => 4, 'rise' => 2][$technique->noun()[0]] ?? null;

        return array_map(fn (int $along): string => "2-3: $along in", $apart === null ? [30] : [30 - $apart, 30, 30 + $apart]);
    }

    /** @return string|list<string> */
    private static function mix(PartKind $technique, bool $several): string|array
    {
        $use = $technique->meshes();

        return match (true) {
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
        $size = $this->layer()->size;
        [$up, $down] = [$size->reach, max($size->reach, $size->hangs)];
        $half = max(($up + $down) / 2, $size->span, $this->layer()->elements === [] || count($this->layer()->elements) < 2 ? 0.0 : 6.0) + self::MARGIN;

        return self::square($this->result->ties[0]->tie->place->y, $half, ($down - $up) / 2);
    }

    public function layer(): PartResult
    {
        return $this->result->layers[count($this->result->layers) - 1];
    }

    public function sentence(): Line
    {
        $layers = Recipe::of($this->plan, $this->result)->layers;

        return $layers[count($layers) - 1];
    }

    private static function square(float $tie, float $half, float $below): Box
    {
        $middle = $tie + $below;

        return Box::around([[-$half * Path::SCALE, ($middle - $half) * Path::SCALE], [$half * Path::SCALE, ($middle + $half) * Path::SCALE]]);
    }
}
