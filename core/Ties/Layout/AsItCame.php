<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;

/** The stems that a pre-tied form was sold with. */
final class AsItCame extends Rows
{
    public function key(): string
    {
        return 'as-it-came';
    }

    public function name(): string
    {
        return 'the stems it came with';
    }

    public function fits(Form $form): bool
    {
        return $form->preTied !== [] && $form->frame->pairs() !== [];
    }

    public function sentence(): string
    {
        return 'Use {layout}.';
    }

    public function blanks(Form $form): array
    {
        return [];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Attached;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        return $this->even($form, $form->preTied);
    }
}
