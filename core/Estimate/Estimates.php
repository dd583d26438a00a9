<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/**
 * Finished size, opening and depth (docs/craft-figures.md), of some parts of a plan: of one, or of all. Starting guesses
 * that a maker's log corrects.
 */
final readonly class Estimates
{
    private const SAME_SPOT = 1e-6;

    /** What a further layer on a tie adds to the depth, in inches. */
    private const FURTHER_LAYER = 0.5;

    public Extent $extent;

    /** @var list<Part> those that stand out */
    private array $standing;

    /** @param  list<Part>  $parts */
    public function __construct(private Plan $plan, array $parts)
    {
        $this->standing = array_values(array_filter($parts, fn (Part $part): bool => $part->size->standsOut()));
        $this->extent = Extent::of($plan->form, $parts);
    }

    public function across(): Figure
    {
        $box = $this->extent->box;
        [$wide, $high] = [$box->wide(), $box->high()];
        if ($this->plan->form->frame->round() && abs($wide - $high) < 0.01) {
            return $this->inches('across', $wide, [
                ...array_values(array_filter(array_map($this->standsOut(...), $this->standing))),
                $this->isTheFormItself()
                    ? sprintf('the form itself reaches farther: %s', $this->about($wide))
                    : sprintf('twice the farthest from the middle: %s', $this->about($wide)),
            ]);
        }
        $shown = sprintf('%s x %s', $this->about($wide), substr($this->about($high), strlen('about ')));

        return new Figure('wide and high', $this->canonical(max($wide, $high)), $shown, [
            ...array_map($this->reaches(...), $this->standing),
            ...$this->stretches(),
            "together $shown",
        ], true);
    }

    /** Twice the smallest distance that any element leaves open, never below nothing. */
    public function opening(): Figure
    {
        $opening = $this->extent->opening;

        return match (true) {
            ! $this->plan->form->closed() => new Figure('opening', '0 in', 'none', ['an open form has no opening'], true),
            $this->plan->form->filledBy !== null => new Figure('opening', '0 in', 'none', ["{$this->plan->form->filledBy} fill it"], true),
            $this->standing === [] => $this->open($opening, 'no layer of mesh yet: what is open in the form itself'),
            $opening <= 0 => new Figure('opening', '0 in', 'closed', ['the mesh of the innermost row reaches past the middle'], true),
            default => $this->open($opening, 'twice the nearest to the middle'),
        };
    }

    /** The deepest of what hangs on any tie, and a little for each further layer there. */
    public function depth(): Figure
    {
        [$deepest, $layers] = [$this->deepest(), $this->layers()];
        $more = $this->furtherLayers();
        $because = $deepest === null ? ['no layer of mesh yet'] : [sprintf(
            '%s: %s, %s%s',
            $deepest->kind->noun()[1],
            $this->about($deepest->size->depth),
            $deepest->size->depthBecause,
            $deepest->size->depthLearned === null ? '' : ' ('.$deepest->size->depthLearned->timesWords().')',
        )];

        return $this->inches('deep', ($deepest->size->depth ?? 0.0) + $more, [...$because, ...($more > 0 ? [sprintf(
            '%d layers on one tie: %s more',
            $layers,
            $this->plan->units()->place(Length::inches(0, (int) round($more * 8), 8)),
        )] : [])]);
    }

    /** What stands up the farthest; null where nothing does. */
    public function deepest(): ?Part
    {
        $deepest = null;
        foreach ($this->standing as $part) {
            $deepest = $part->size->depth > ($deepest->size->depth ?? 0.0) ? $part : $deepest;
        }

        return $deepest;
    }

    /** What the layers beyond the first add to the depth, in inches. */
    public function furtherLayers(): float
    {
        return max(0, $this->layers() - 1) * self::FURTHER_LAYER;
    }

    /** How many layers hang on one tie at the most. */
    private function layers(): int
    {
        $numbers = array_map(
            fn (Part $part): array => array_map(fn (Tie $tie): int => $tie->number, $part->on->ties()),
            $this->standing,
        );

        return max([0, ...array_count_values(array_merge(...$numbers))]);
    }

    /** @param  non-empty-list<string>  $because */
    private function inches(string $label, float $inches, array $because): Figure
    {
        $about = $this->about($inches);

        return new Figure($label, $this->canonical($inches), $about, $because, true, "$about $label");
    }

    /** Closer where what it rests on was measured, not guessed. */
    private function about(float $inches): string
    {
        return $this->plan->units()->about($inches, $this->extent->isMeasured);
    }

    private function canonical(float $inches): string
    {
        return LengthText::canonical(Length::inches(0, (int) round($inches * 8), 8));
    }

    /** Room for a sign, so it is told to the step of the ruler and rounded down. */
    private function open(float $inches, string $because): Figure
    {
        $about = 'about '.$this->plan->units()->available(Length::ofUnits((int) floor($inches * Length::PER_INCH + self::SAME_SPOT)));
        $eighths = Length::inches(0, (int) floor($inches * 8 + self::SAME_SPOT), 8);

        return new Figure('opening', LengthText::canonical($eighths), $about, ["$because: $about"], true, "$about opening");
    }

    /** Whether nothing on it stands out of the form. */
    private function isTheFormItself(): bool
    {
        return $this->standing !== [] && $this->extent->beyond < self::SAME_SPOT;
    }

    private function standsOut(Part $part): ?string
    {
        $out = array_map(fn (Tie $tie): float => $part->size->out($this->plan->form, $tie), $part->on->ties());

        return $out === [] ? null : sprintf(
            'the farthest %s stands %s from the middle, and one reaches %s further: %s (%s)',
            $part->kind->noun()[0],
            $this->shown(max($out)),
            $this->about($part->size->reach),
            $part->size->reachBecause,
            $part->size->reachFrom(),
        );
    }

    private function reaches(Part $part): string
    {
        return sprintf(
            'a %s reaches %s from its tie: %s (%s)%s',
            $part->kind->noun()[0],
            $this->about($part->size->reach),
            $part->size->reachBecause,
            $part->size->reachFrom(),
            $part->size->hangs > 0.0 ? sprintf(', and hangs %s below it', $this->plan->units()->about($part->size->hangs)) : '',
        );
    }

    /** @return list<string> the form, and by how much the finished piece is wider and higher on each side */
    private function stretches(): array
    {
        [$form, $box] = [$this->plan->form->box(), $this->extent->box];
        $sides = [
            [$form->left - $box->left, 'to the left'], [$box->right - $form->right, 'to the right'],
            [$form->top - $box->top, 'above'], [$box->bottom - $form->bottom, 'below'],
        ];
        $more = [];
        foreach ($sides as [$inches, $where]) {
            if ($inches > 1 / 16) {
                $more[$this->shown($inches)][] = $where;
            }
        }

        return [
            sprintf('the form is %s x %s', $this->shown($form->wide()), $this->shown($form->high())),
            ...($more === [] ? [] : ['with what is on it '.Words::list(array_map(
                fn (string $inches, array $where): string => "$inches more ".Words::list($where),
                array_keys($more),
                $more,
            ))]),
        ];
    }

    private function shown(float $inches): string
    {
        return $this->plan->units()->place(Length::nearInches($inches));
    }
}
