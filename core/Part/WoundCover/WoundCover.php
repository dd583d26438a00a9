<?php

declare(strict_types=1);

namespace Davrin\Core\Part\WoundCover;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\OnArea;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Kind\Hat;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;
use Davrin\Core\Part\WoundPart;
use Davrin\Core\Words\Fault;

/**
 * A strip of width w wound over a crown or a bar of average girth g and height h, overlapped by a part o of its width, and
 * glued on the back: g x h / (w x (1 - o)) a pass, and often a second, as it shows through. It stands on no tie, but on what it covers.
 */
final class WoundCover extends WoundPart
{
    private const OVERLAPS = ['none' => '0', '1/4' => '1/4', '1/3' => '1/3', '1/2' => '1/2'];

    public function key(): string
    {
        return 'wound-cover';
    }

    public function name(): string
    {
        return 'a wound cover';
    }

    public function noun(): array
    {
        return ['wound pass', 'wound passes'];
    }

    public function anchor(): AnchorKind
    {
        return new OnArea;
    }

    public function example(): Example
    {
        return Example::on(['kind' => Hat::KEY]);
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::single();
    }

    public function sentence(PartContext $on): string
    {
        return 'Wind a strip of {material}, {strip} wide, over the {area} as {kind}, each turn over the last by {overlap} of its '
            .'width: {girth} round and {height} high takes {=pass} a pass, in {passes} passes. Glue both ends on the back.';
    }

    public function words(PartContext $on): array
    {
        return ['pass' => $on->units->needed(self::pass($on))];
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('strip', 'the width of the strip', Length::inches(5), Length::inches(0, 1, 2), Length::inches(30)),
            new ChoiceBlank(
                'overlap',
                'the part of a turn that overlaps',
                '1/3',
                ['none' => 'nothing', '1/4' => 'a quarter', '1/3' => 'a third', '1/2' => 'half'],
            ),
            LengthBlank::of('girth', 'the average girth', Length::inches(18), Length::inches(1), Length::yards(4)),
            LengthBlank::of('height', 'the height of what is covered', Length::inches(10), Length::inches(1), Length::yards(4)),
            new CountBlank('passes', 'the number of passes', 2, 1, 4),
        ];
    }

    public function lengthKey(): string
    {
        return 'height';
    }

    public function cutTo(string $length): string
    {
        return "Cover $length of it";
    }

    public function leastRoll(PartContext $on): array
    {
        return [self::pass($on), 'A pass'];
    }

    public function demand(PartContext $on): Demand
    {
        if ($on->length('strip')->isMoreThan($on->width())) {
            throw Fault::at(
                '/strip',
                sprintf(
                    'A strip %s wide does not come from mesh %s wide. Write a narrower strip, or take a wider mesh.',
                    $on->units->exact($on->length('strip')),
                    $on->units->exact($on->width()),
                ),
            );
        }
        $cuts = [];
        foreach (range(1, $on->slip->count('passes')) as $pass) {
            $cuts[] = new Cut(Element::elsewhere($on->id, $pass), $on->first()->id, self::pass($on));
        }

        return Demand::ofCuts($cuts);
    }

    public function size(PartContext $on): Size
    {
        return new Size(0.75, 'what swells beside the bar', 0.75, 1.0, 'as it is wound');
    }

    public function fullness(): ?array
    {
        return null;
    }

    protected function minutes(): float
    {
        return 6.0;
    }

    public function cautions(): array
    {
        return [Caution::Cutter, Caution::HotGlue];
    }

    /** Exact, then up to the next whole unit of length. */
    private static function pass(PartContext $on): Length
    {
        $covers = BigRational::of($on->length('strip')->units)->multipliedBy(
            BigRational::one()->minus(BigRational::of(self::OVERLAPS[$on->slip->text('overlap')])),
        );
        $takes = BigRational::of($on->length('girth')->units)->multipliedBy($on->length('height')->units)->dividedBy($covers);

        return Length::ofUnits($takes->toScale(0, RoundingMode::CEILING)->toInt());
    }
}
