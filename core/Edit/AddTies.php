<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\Layout\NASection;
use Davrin\Core\Words\Fault;

/** Adds another layout of ties on the same form; the first is the one that is usual there. */
final readonly class AddTies implements Edit
{
    use LosesNothing;

    private const MOST = 6;

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $ties = DocumentList::of($plan, 'ties');
        if ($ties->count() >= self::MOST) {
            throw Fault::at('/ties', sprintf('A form holds up to %d layouts of ties here. Take one away first.', self::MOST));
        }

        return $reader->read($ties->with('t', $ties->count() === 0 ? [] : ['layout' => NASection::KEY, 'stem' => 'half']));
    }

    public function words(Plan $before, Plan $after): string
    {
        return 'another layout of ties';
    }

    public function asData(): array
    {
        return ['do' => 'add-ties'];
    }
}
