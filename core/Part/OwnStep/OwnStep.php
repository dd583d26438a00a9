<?php

declare(strict_types=1);

namespace Davrin\Core\Part\OwnStep;

use Davrin\Core\Demand\Demand;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\PartContext;

/** A step of the maker's own that takes only time: a coat of paint that is there, a photograph. */
final class OwnStep extends OwnWork
{
    public const KEY = 'own-step';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'a step of your own';
    }

    public function noun(): array
    {
        return ['step', 'steps'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::none();
    }

    public function demand(PartContext $on): Demand
    {
        return Demand::none();
    }

    protected function usual(): string
    {
        return 'Paint the board';
    }
}
