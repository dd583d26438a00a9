<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Anchor\Kind\SpreadOut;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** Puts a sign, a bow or one of several extras on another spot of the form, as by dragging it there. */
final readonly class PlaceThing implements Edit
{
    use LosesNothing;

    /**
     * @param  string  $part  by id
     * @param  int  $number  which of its elements
     * @param  Point  $to  where its middle goes, seen from the front
     */
    public function __construct(private string $part, private int $number, private Point $to) {}

    /** Whether the elements of a part can be put elsewhere one by one. */
    public static function isMovable(Part $part): bool
    {
        $slip = $part->on->slip;

        return $slip->has(SpreadOut::MOVED) || ($slip->has(AtSpot::SPOT) && AtSpot::partOf($slip) === null);
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $part = array_column($plan->parts, null, 'id')[$this->part] ?? null;
        $element = $part?->demand->elements[$this->number - 1] ?? null;
        if ($part === null || $element === null || ! self::isMovable($part)) {
            throw Fault::noBlank("parts.$this->part.".AtSpot::SPOT);
        }
        $slip = $part->on->slip;
        $key = $slip->has(SpreadOut::MOVED) ? SpreadOut::MOVED : AtSpot::SPOT;
        // What hangs below its spot is moved with it.
        $hangs = $key === AtSpot::SPOT && $element->place !== null
            ? $element->place->point()->minus($part->on->anchor->places[0]->point())
            : Point::middle();
        $spot = self::spot($this->to->minus($hangs), $plan);
        $written = $key === AtSpot::SPOT ? $spot : [
            ...array_filter(
                (array) $slip->write()[SpreadOut::MOVED],
                fn (mixed $moved): bool => ! str_starts_with((string) $moved, "$this->number to "),
            ),
            "$this->number to $spot",
        ];
        $document = $plan->write();
        $document['parts'] = array_map(
            fn (mixed $its): mixed => is_array($its) && $its['id'] === $this->part ? [...$its, $key => $written] : $its,
            (array) $document['parts'],
        );
        try {
            return $reader->read($document);
        } catch (Refused $refused) {
            throw new BlankRefused("parts.$this->part.$key", $refused);
        }
    }

    public function words(Plan $before, Plan $after): string
    {
        return PartWords::of($before, $this->part).' moved';
    }

    public function asData(): array
    {
        return ['do' => 'place-thing', 'id' => $this->part, 'to' => (string) $this->number, 'x' => $this->to->x, 'y' => $this->to->y];
    }

    private static function spot(Point $to, Plan $plan): string
    {
        $step = $plan->units()->step();
        $distance = $step->times((int) round($to->length() * Length::PER_INCH / $step->units));

        return $distance->isZero()
            ? 'middle'
            : LengthText::canonical($distance).' at '.(int) round(fmod($to->heading() + 360.0, 360.0)).' degrees';
    }
}
