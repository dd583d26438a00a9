<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\Element;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/**
 * What a finished piece weighs, and where its weight lies, from what is known: mesh and ribbon by their area, the form and goods by the
 * piece. What nobody weighed is named.
 */
final readonly class WeightEstimate
{
    private const OUNCE = 28.349523125;

    /**
     * @param  float  $grams  of all that is known
     * @param  ?Point  $middle  of that, in inches from the middle of the form; null where nothing is known
     * @param  list<string>  $unknown  what nobody weighed
     */
    private function __construct(public float $grams, public ?Point $middle, public array $unknown, public Figure $figure) {}

    /** @param  list<GoodsUse>  $goods */
    public static function of(Plan $plan, array $goods): self
    {
        [$known, $unknown, $exact, $moment] = [[], [], BigRational::zero(), Point::middle()];
        $form = $plan->formSlip->weightIfAny('weighs');
        if ($form === null) {
            $unknown[] = 'the form';
        } else {
            $exact = $exact->plus($form->hundredths);
            $known[] = 'the form '.$form->shown();
        }
        foreach ($plan->usedWound() as $wound) {
            $area = $wound->weighs();
            [$length, $at] = self::lying($plan, $wound);
            if ($area === null) {
                $unknown[] = $wound->name();

                continue;
            }
            $of = fn (Length $its): BigRational => $area->of(
                BigRational::nd($its->units, Length::PER_INCH)->multipliedBy(BigRational::nd($wound->width()->units, Length::PER_INCH)),
            );
            $weight = $of($length);
            $exact = $exact->plus($weight);
            $moment = $moment->plus($at->times($length->units > 0 ? $weight->toFloat() / $length->toInches() : 0.0));
            $known[] = sprintf(
                '%s: %s x %s wide at %s = %s',
                $wound->name(),
                $plan->units()->exact($length),
                $plan->units()->exact($wound->width()),
                $area->shown(),
                self::grams($weight->toFloat()),
            );
        }
        foreach (array_filter($goods, fn (GoodsUse $use): bool => $use->pieces > 0) as $use) {
            $one = $use->good->weighs();
            if ($one === null) {
                $unknown[] = $use->what();

                continue;
            }
            $exact = $exact->plus($use->pieces * $one->hundredths);
            $moment = $moment->plus(self::middleOf($plan, $use->good)->times((float) ($use->pieces * $one->hundredths)));
            $known[] = sprintf('%s: %d x %s = %s', $use->what(), $use->pieces, $one->shown(), self::grams($use->pieces * $one->hundredths));
        }
        $hundredths = $exact->toFloat();

        return new self(
            $hundredths / 100,
            $hundredths > 0.0 ? $moment->times(1 / $hundredths) : null,
            $unknown,
            self::figure($plan, $exact, $known, $unknown),
        );
    }

    /**
     * @param  list<string>  $known
     * @param  list<string>  $unknown
     */
    private static function figure(Plan $plan, BigRational $exact, array $known, array $unknown): Figure
    {
        $without = $unknown === [] ? [] : ['without '.Words::list($unknown).', which nobody weighed'];
        if ($known === []) {
            return new Figure('weight', '', 'weight not known', ['nobody weighed any of it'], true);
        }
        $grams = $exact->dividedBy(100)->toScale(0, RoundingMode::HALF_UP)->toInt();
        $ounces = $exact->toFloat() / 100 / self::OUNCE;

        return new Figure('weight', $grams, "about $grams g", [
            ...$known,
            ...($plan->units() === Units::Inches ? [sprintf('that is %d lb %.1f oz', intdiv((int) $ounces, 16), fmod($ounces, 16))] : []),
            ...$without,
        ], true, "weighs about $grams g");
    }

    /**
     * How much of a material lies on the form, and the sum of where each inch of it does.
     *
     * @return array{Length, Point}
     */
    private static function lying(Plan $plan, Wound $wound): array
    {
        [$length, $sum] = [Length::zero(), Point::middle()];
        foreach ($plan->partsOf($wound) as $part) {
            $places = self::places($part);
            foreach ($part->demand->cuts as $cut) {
                if ($cut->material === $wound->id) {
                    $length = $length->plus($cut->length);
                    $sum = $sum->plus(self::at($cut->element, $places)->times($cut->length->toInches()));
                }
            }
            foreach ($part->demand->runs as $run) {
                $strands = count(array_keys($run->strands, $wound->id, true));
                $length = $length->plus($run->length()->times($strands));
                foreach ($strands === 0 ? [] : $run->steps as $step) {
                    $sum = $sum->plus(self::at($step->element, $places)->times($strands * $step->length()->toInches()));
                }
            }
        }

        return [$length, $sum];
    }

    /** The middle of the places where a good is used; that of the form where it is used all over. */
    private static function middleOf(Plan $plan, Good $good): Point
    {
        $points = [];
        foreach ($plan->partsOf($good) as $part) {
            array_push($points, ...array_map(fn (Place $place): Point => $place->point(), $part->places()));
        }

        return $points === [] ? Point::middle() : array_reduce(
            $points,
            fn (Point $sum, Point $point): Point => $sum->plus($point),
            Point::middle(),
        )->times(1 / count($points));
    }

    /** @return array<int, Place> of the ties of a part, by number */
    private static function places(Part $part): array
    {
        return array_column(array_map(fn (Tie $tie): array => [$tie->number, $tie->place], $part->on->ties()), 1, 0);
    }

    /** @param  array<int, Place>  $places */
    private static function at(Element $element, array $places): Point
    {
        return ($element->place ?? $places[$element->ties[0] ?? 0] ?? null)?->point() ?? Point::middle();
    }

    private static function grams(float $hundredths): string
    {
        return rtrim(rtrim(number_format($hundredths / 100, 2, '.', ''), '0'), '.').' g';
    }
}
