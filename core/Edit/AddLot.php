<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** Adds another dye lot of a mesh as a mesh of its own, so that it can be said where it goes. */
final readonly class AddLot implements Edit
{
    use LosesNothing;

    private const LONGEST_NAME = 40;

    /**
     * @param  string  $mesh  by id
     * @param  ?int  $item  of the shelf, where it lies there
     */
    public function __construct(private string $mesh, private string $lot, private Length $length, private ?int $item = null) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $mesh = $this->find($plan);
        $hatches = array_keys(SoldOnRolls::HATCHES);
        $used = array_map(fn (Wound $its): string => $its->slip->text('hatch'), $plan->wound());
        $place = 1 + (int) array_search($this->mesh, array_keys($plan->materials->all), true);

        return $reader->read(DocumentList::of($plan, 'materials')->with('m', [
            ...$mesh->slip->write(),
            'name' => self::named($mesh, $this->lot),
            'hatch' => array_values(array_diff($hatches, $used))[0] ?? $hatches[count($used) % count($hatches)],
            'onHand' => (new OnHandBlank('onHand', ''))->write([new OnHand(1, $this->length, false, $this->lot, $this->item)]),
            'rolls' => 0,
        ], $place));
    }

    /** The id that it has in the plan afterwards: that of the mesh by this name. */
    public function idIn(Plan $after): ?string
    {
        $name = self::named($this->find($after), $this->lot);

        return array_values(array_filter($after->wound(), fn (Wound $its): bool => $its->name() === $name))[0]->id ?? null;
    }

    public function words(Plan $before, Plan $after): string
    {
        return "lot $this->lot of {$this->find($before)->name()} added";
    }

    public function asData(): array
    {
        return ['do' => 'add-lot', 'id' => $this->mesh, 'lot' => $this->lot];
    }

    private static function named(Wound $mesh, string $lot): string
    {
        return mb_substr($mesh->name(), 0, self::LONGEST_NAME - mb_strlen(", lot $lot")).", lot $lot";
    }

    private function find(Plan $plan): Wound
    {
        return array_column($plan->wound(), null, 'id')[$this->mesh] ?? throw Fault::noBlank("materials.$this->mesh");
    }
}
