<?php

namespace App\Bows;

use App\Blanks\Problem;
use App\Drawing\Drawings;
use App\Drawing\Elements\BowShape;
use App\Drawing\FormDrawing;
use App\Drawing\Path;
use App\Drawing\Side;
use App\Models\KeptBow;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowFits;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Contracts\Support\Responsable;
use LogicException;
use Symfony\Component\HttpFoundation\Response;

/** The bow maker: a bow drawn to scale and told in its sentence, what it takes, and what could be made of what is left. */
final readonly class BowPage implements Responsable
{
    /** What is left where nobody says so yet. */
    private const LEFT = '60 in';

    /** More on the shelf is not offered in a list. */
    private const MOST_OFFERED = 60;

    private Plan $plan;

    private PartContext $on;

    private Bow $kind;

    private Result $result;

    private Units $units;

    /** @param  string  $left  of the roll, as it was typed */
    public function __construct(private KeptBow $bow, private string $left = '', private ?Problem $problem = null)
    {
        $this->plan = $bow->plan();
        $this->on = $this->plan->parts[0]->on;
        $kind = $this->plan->parts[0]->kind;
        $this->kind = $kind instanceof Bow ? $kind : throw new LogicException('A kept bow is a bow.');
        $this->units = $this->plan->units();
        $this->result = app(Engine::class)->figures($this->plan);
    }

    /** @return non-empty-array<string, PartKind> all kinds of bow that stand by themselves, by key */
    public static function kinds(Craft $craft): array
    {
        $kinds = array_filter($craft->parts, fn (PartKind $kind): bool => $kind instanceof Bow && $kind->anchor() instanceof AtSpot);

        return $kinds === [] ? throw new LogicException('No bow is registered.') : $kinds;
    }

    /** A bow as it is drawn, and what of the drawing is seen. */
    public static function drawing(Plan $plan, Result $result, string $prefix): FormDrawing
    {
        return new FormDrawing($plan, $result, Side::Front, prefix: $prefix);
    }

    public static function frame(Result $result): Box
    {
        $bow = $result->parts[0]->bow;
        $far = fn (string $of): float => max([1.0, ...array_merge(...array_map(
            fn (BowPiece $piece): array => array_map(fn (Length $length): float => $length->toInches(), $piece->$of),
            $bow,
        ))]);
        [$loops, $tails] = [$far('loops'), $far('tails')];
        $shape = app(Drawings::class)->of($result->parts[0]->kind);
        // Tails that do not hang go to all sides; those that do swing a little.
        $up = $shape instanceof BowShape && $shape->tailsHang() ? $loops : max($loops, $tails);
        $side = max($up, $tails * 0.7);

        return Box::around([new Point(-$side, -$up), new Point($side, $tails)])->widened(0.8)->times(Path::SCALE);
    }

    public function toResponse($request): Response
    {
        return response()->view('bows.show', [
            'bow' => $this->bow,
            'problem' => $this->problem,
            'name' => Recipe::line('plan', '{name}', $this->plan->heading, $this->units),
            'sentence' => $this->sentence(),
            'ribbons' => array_map($this->ribbon(...), $this->plan->wound()),
            'drawing' => self::drawing($this->plan, $this->result, 'bow-'),
            'frame' => self::frame($this->result),
            'takes' => $this->takes(),
            'together' => $this->units->needed(Length::sum(array_map(fn (BowPiece $piece): Length => $piece->length(), $this->pieces()))),
            'steps' => $this->steps(),
            'minutes' => Words::minutes(array_sum(array_map(fn (BuildStep $step): float => $step->minutes, $this->steps()))),
            'cautions' => $this->result->parts[0]->cautions,
            ...$this->fits(),
            'shelf' => $this->shelf(),
            'plans' => SavedPlan::query()->orderByDesc('updated_at')->limit(self::MOST_OFFERED)->pluck('name', 'id')->all(),
        ], $this->problem->status ?? 200);
    }

    private function sentence(): Line
    {
        return Recipe::line('parts.bow', $this->kind->making($this->on), $this->on->slip, $this->units, $this->kind->words($this->on))
            ->offering('parts.bow.kind', self::kinds(app(Craft::class)));
    }

    /** @return array{id: string, line: Line, isUsed: bool} */
    private function ribbon(Wound $ribbon): array
    {
        return [
            'id' => $ribbon->id,
            'line' => Recipe::line("materials.$ribbon->id", $ribbon->wound->looksSentence().'.', $ribbon->slip, $this->units),
            'isUsed' => in_array($ribbon->id, array_column($this->on->kinds(), 'id'), true),
        ];
    }

    /** @return non-empty-list<BowPiece> */
    private function pieces(): array
    {
        return $this->kind->pieces($this->on->slip, count($this->on->materials));
    }

    /** @return list<string> what each strip takes, those alike together: "Cream grosgrain: 4 x 18 in = 72 in" */
    private function takes(): array
    {
        $strips = [];
        foreach ($this->pieces() as $piece) {
            $name = $this->on->materials[$piece->ribbon]->name();
            $strips[$name][$piece->length()->units] = ($strips[$name][$piece->length()->units] ?? 0) + 1;
        }
        $said = [];
        foreach ($strips as $name => $lengths) {
            foreach ($lengths as $length => $count) {
                $one = $this->units->needed(Length::ofUnits($length));
                $said[] = $count === 1
                    ? "$name: $one"
                    : "$name: $count x $one = ".$this->units->needed(Length::ofUnits($length)->times($count));
            }
        }

        return $said;
    }

    /** @return list<BuildStep> */
    private function steps(): array
    {
        return array_values(array_filter(
            $this->plan->parts[0]->demand->steps,
            fn (BuildStep $step): bool => $step->phase !== Phase::Finishing,
        ));
    }

    /**
     * What can be made of what is left of the roll.
     *
     * @return array{left: string, inches: int, refused: ?string, fits: list<array{string, string, ?string, string}>}
     */
    private function fits(): array
    {
        $typed = trim($this->left) === '' ? self::LEFT : mb_substr(trim($this->left), 0, 40);
        try {
            $left = LengthText::read($typed, $this->units);
        } catch (Refused $refused) {
            return ['left' => $typed, 'inches' => 60, 'refused' => $refused->getMessage(), 'fits' => []];
        }
        $fits = BowFits::of($this->kind, $this->on->slip, max(1, count($this->on->materials)), $left, $this->units);

        return ['left' => $typed, 'inches' => (int) min(360, $left->toInches()), 'refused' => null, 'fits' => array_map(
            fn (string $key, Length|int|null $its): array => [
                $key,
                $this->kind->scales()[$key],
                $its instanceof Length ? $this->units->available($its) : ($its === null ? null : (string) $its),
                $its instanceof Length ? LengthText::canonical($its) : (string) $its,
            ],
            array_keys($fits),
            $fits,
        )];
    }

    /** @return array<int, string> what of the shelf a bow can be made of, by id */
    private function shelf(): array
    {
        $kinds = $this->kind->materials()->wound ?? [];

        return ShelfItem::query()->whereIn('ware', $kinds)->whereNull('archived_at')->orderBy('name')->limit(self::MOST_OFFERED)
            ->pluck('name', 'id')->all();
    }
}
