<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\TieGroup;

/** Puts the plan on another form, as it stands on the shelf. Ties and parts stay where they still fit. */
final readonly class TakeForm implements Edit
{
    /** @param  array<string, mixed>  $form  as a plan file holds it; without a price that of the plan stays */
    public function __construct(private string $name, private array $form) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $standing = [
            'finish',
            ...array_map(fn (TieGroup $group): string => "ties.$group->id", $plan->ties->groups),
            ...array_filter(array_keys($plan->slips()), fn (string $address): bool => str_starts_with($address, 'parts.')),
        ];

        return $reader->read([...$plan->write(), 'form' => $this->form + ['price' => $plan->formSlip->write()['price']]], $standing);
    }

    public function lost(Plan $before, Plan $after): array
    {
        return Losses::between($before, $after, []);
    }

    public function words(Plan $before, Plan $after): string
    {
        return "the form: $this->name, from the shelf";
    }

    public function asData(): array
    {
        return ['do' => 'take-form', 'form' => $this->form];
    }
}
