<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Estimate\WeightEstimate;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** A finished piece packed to be posted: how large and how heavy (both estimates). */
final readonly class Parcel
{
    /**
     * @param  array{Length, Length, Length}  $sides
     * @param  int  $hundredths  of a gram, of all that was weighed
     * @param  list<string>  $unknown  what nobody weighed
     */
    private function __construct(public array $sides, public int $hundredths, public array $unknown) {}

    public static function of(Plan $plan, Result $result, Terms $terms): self
    {
        $padding = $terms->work->length('padding')->times(2);
        $box = $result->extent->box;
        $side = fn (float $inches): Length => Length::ofUnits((int) ceil($inches * Length::PER_INCH))->plus($padding);
        $weight = WeightEstimate::of($plan, $result->goods);

        return new self(
            [
                $side($box->wide()),
                $side($box->high()),
                LengthText::read((string) $result->tally->depth->value, null)->plus($padding),
            ],
            (int) ceil($weight->grams * 100) + ($terms->work->weightIfAny('packWeighs')->hundredths ?? 0),
            $weight->unknown,
        );
    }

    /** "about 25 x 25 x 8 in, about 690 g" */
    public function words(Units $units): string
    {
        $about = array_map(fn (Length $side): string => $units->about($side->toInches()), $this->sides);
        $unit = $units === Units::Inches ? ' in' : ' cm';
        $numbers = array_map(fn (string $its): string => str_replace(['about ', $unit], '', $its), $about);

        return 'about '.implode(' x ', $numbers).$unit.', '
            .($this->hundredths === 0 ? 'weight not known' : sprintf('about %d g', (int) ceil($this->hundredths / 100)));
    }
}
