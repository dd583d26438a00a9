<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Rounding;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\SpotsBlank;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** Adds a tie to a layout that is made tie by tie, or takes one away. */
final readonly class PlaceTie implements Edit
{
    use LosesNothing;

    /** Where a tie is typed: not a blank of the layout, but of the line that adds to it. */
    private const DISTANCE = 'distance';

    /** A click farther from any wire than this, in inches, is not meant for one. */
    private const CLOSE = 1.5;

    /** @param  ?Point  $point  seen from the front */
    private function __construct(
        private ?string $group,
        private ?Point $point,
        private string $on,
        private string $distance,
        private ?int $tie,
    ) {}

    /** On whatever is nearest to a point of the table. */
    public static function at(string $group, float $x, float $y): self
    {
        return new self($group, new Point($x, $y), '', '', null);
    }

    /**
     * @param  string  $on  what it goes round: "1-2", "3", "crossbar 2"
     * @param  string  $distance  from where the count begins, as it is typed
     */
    public static function on(string $group, string $on, string $distance): self
    {
        return new self($group, null, $on, $distance, null);
    }

    public static function takeAway(int $tie): self
    {
        return new self(null, null, '', '', $tie);
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $document = $plan->write();
        $group = $this->group($plan);
        try {
            $spots = $this->tie === null ? [...$this->written($group), $this->spot($plan)] : $this->without($group);
            $document['ties'] = array_map(
                fn (mixed $ties): mixed => is_array($ties) && $ties['id'] === $group->id ? [...$ties, SpotsBlank::KEY => $spots] : $ties,
                (array) $document['ties'],
            );

            // Ties that follow get other numbers; a part that stood on none of these keeps its place.
            return $reader->read($document);
        } catch (Refused $refused) {
            $typed = $this->point === null && $this->tie === null;
            throw new BlankRefused("ties.$group->id.".($typed ? self::DISTANCE : SpotsBlank::KEY), $refused);
        }
    }

    public function words(Plan $before, Plan $after): string
    {
        return $this->tie === null ? 'a tie more' : "tie $this->tie taken away";
    }

    public function asData(): array
    {
        return $this->tie !== null
            ? ['do' => 'take-tie', 'id' => (string) $this->tie]
            : [
                'do' => 'place-tie',
                'id' => (string) $this->group,
                ...($this->point === null
                    ? ['on' => $this->on, 'distance' => $this->distance]
                    : ['x' => $this->point->x, 'y' => $this->point->y]),
            ];
    }

    private function group(Plan $plan): TieGroup
    {
        foreach ($plan->ties->groups as $group) {
            if ($group->isFree() && ($this->tie === null ? $group->id === $this->group : $group->has($this->tie))) {
                return $group;
            }
        }

        throw Fault::noBlank($this->tie === null ? "ties.$this->group.".SpotsBlank::KEY : "tie $this->tie");
    }

    private function spot(Plan $plan): string
    {
        if ($this->point === null) {
            return trim($this->on).': '.LengthText::canonical(LengthText::read($this->distance, $plan->units()));
        }
        [$seat, $distance] = $plan->form->nearest($this->point);
        $away = $plan->form->at($seat, $distance)->point()->distanceTo($this->point);
        if ($away > self::CLOSE) {
            throw Fault::at(
                '',
                sprintf(
                    'That is %s from the nearest wire. Click on a wire, or between the two that the tie is to go round.',
                    $plan->units()->about($away),
                ),
            );
        }
        $step = $plan->units()->step();
        $most = Rounding::Available->steps((int) ($plan->form->length($seat) * Length::PER_INCH), $step->units);

        return $seat->key().': '.LengthText::canonical(
            $step->times(min($most, Rounding::Place->steps((int) round($distance * Length::PER_INCH), $step->units))),
        );
    }

    /** @return list<string> */
    private function written(TieGroup $group): array
    {
        $written = $group->slip->write()[SpotsBlank::KEY];

        return is_array($written) ? array_map(strval(...), $written) : [];
    }

    /** @return list<string> */
    private function without(TieGroup $group): array
    {
        $spots = $this->written($group);
        unset($spots[array_search($this->tie, array_column($group->ties(), 'number'), true)]);

        return $spots === []
            ? throw Fault::at('', 'This is the last tie of its layout. Add another before you take it away.')
            : array_values($spots);
    }
}
