<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\TieLayout;

/**
 * Stepping from the inner pair out to the outer and back, tie by tie, and carrying on where the last section stopped, so that no line
 * shows.
 */
final class Zigzag implements TieLayout
{
    public function key(): string
    {
        return 'zigzag';
    }

    public function name(): string
    {
        return 'in a zigzag';
    }

    public function fits(Form $form): bool
    {
        return count($form->frame->pairs()) >= 2;
    }

    public function sentence(): string
    {
        return 'Prep it {layout} with {perSection} ties a section'.SectionChoice::SENTENCE
            .', stepping from the {=inner} out to the {=outer} and back.';
    }

    public function words(Form $form): array
    {
        $pairs = $form->frame->pairs();

        return ['inner' => $form->names->of($pairs[0]), 'outer' => $form->names->of($pairs[count($pairs) - 1])];
    }

    public function blanks(Form $form): array
    {
        return [new CountBlank('perSection', 'the number of ties in a section', 6, 1, 40), SectionChoice::blank()];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Half;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $pairs = $form->frame->pairs();
        $steps = [...$pairs, ...array_reverse(array_slice($pairs, 1, -1))];
        $perSection = $slip->count('perSection');
        $sections = SectionChoice::of($form, $slip);
        $spots = [];
        foreach ($sections ?? range(1, $form->sections->count()) as $section) {
            for ($tie = 0; $tie < $perSection; $tie++) {
                $seat = $steps[count($spots) % count($steps)];
                $spots[] = new Spot(
                    $seat,
                    $form->sections->start($seat, $section) + ($tie + 0.5) / $perSection * $form->sections->length($seat, $section),
                );
            }
        }

        return [new Row($spots, $form->closed() && ($sections === null || count($sections) === $form->sections->count()))];
    }
}
