<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Colour\Kind\ByCount;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Part\RibbonSets\RibbonSets;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use LogicException;

/** Writes combinations as plans. */
final readonly class Drafts
{
    /** The part that is of mesh. */
    public const PART = 'mesh';

    public function __construct(private Craft $craft, private PlanReader $reader, private Wishes $wishes, private Given $given) {}

    /**
     * @param  ?Length  $length  of a piece or pitch; null for what is usual
     * @param  bool  $asNeeded  whether as many new rolls are taken as it needs, whatever may be bought
     * @param  bool  $ribbon  whether ribbon sets are put on it
     *
     * @throws Refused where it cannot be made
     */
    public function plan(Combination $of, ?Length $length = null, bool $asNeeded = false, bool $ribbon = false): Plan
    {
        $kind = $this->craft->parts[$of->technique];
        $part = ['id' => self::PART, 'kind' => $of->technique, ...$this->material($of, $kind, $asNeeded)];
        if ($length !== null && $kind instanceof CutToLength) {
            $part[$kind->lengthKey()] = LengthText::canonical($length);
        }
        [$materials, $rolls] = [[], $asNeeded ? 'as needed' : $this->wishes->rollsToBuy()];
        foreach ($of->share as $number => [$place]) {
            $materials[] = ['id' => "m$number", 'rolls' => $rolls] + $this->given->wound[$place];
        }
        foreach ($this->given->goods as $number => $its) {
            $materials[] = ['id' => "g$number"] + $its;
        }
        $strip = $ribbon ? $this->ribbon() : null;

        return $this->reader->read([
            'name' => $this->name($of, $kind),
            'form' => $this->given->forms[$of->form]['form'],
            'ties' => [$of->layout],
            'materials' => $strip === null ? $materials : [...$materials, ['id' => 'ribbon', 'rolls' => 0] + $strip],
            'parts' => $strip === null ? [$part] : [$part, ['id' => 'sets', 'kind' => (new RibbonSets)->key(), 'material' => ['ribbon']]],
            'settings' => $this->given->settings,
            'learned' => $this->given->learned,
        ]);
    }

    /** @return CutToLength&PartKind */
    public function kind(Combination $of): CutToLength
    {
        $kind = $this->craft->parts[$of->technique];

        return $kind instanceof CutToLength ? $kind : throw new LogicException("$of->technique has no length.");
    }

    public function hasRibbon(): bool
    {
        return $this->ribbon() !== null;
    }

    /**
     * What goes into the pieces: one material, or the pieces shared by the numbers of their ties, of their pieces or strand by strand.
     *
     * @return array<string, mixed>
     */
    private function material(Combination $of, PartKind $kind, bool $asNeeded): array
    {
        $use = $kind->materials();
        if (count($of->share) === 1) {
            return ['material' => $use->counted ? ["m0: $use->usual"] : array_fill(0, max(1, $use->least), 'm0')];
        }
        if ($use->counted) {
            $counts = $this->shares($of, $use->usual);

            return ['material' => array_map(fn (int $count, int $number): string => "m$number: $count", $counts, array_keys($counts))];
        }
        if (! $use->variesByTie || $use->least > 1) {
            return ['material' => array_map(fn (int $number): string => "m$number", array_keys($of->share))];
        }
        $alone = $this->plan(new Combination($of->form, $of->technique, $of->layout, [[$of->share[0][0], 1]]), null, $asNeeded);
        $counts = $this->shares($of, count($alone->part(self::PART)->on->ties()));

        return [
            'order' => ByCount::KEY,
            'material' => array_map(fn (int $count, int $number): string => "m$number: $count", $counts, array_keys($counts)),
        ];
    }

    /** @return non-empty-list<int> so many pieces divided by the shares, each one at the least */
    private function shares(Combination $of, int $pieces): array
    {
        $together = array_sum(array_column($of->share, 1));
        $counts = array_map(fn (array $its): int => max(1, intdiv($pieces * $its[1], $together)), $of->share);
        $counts[0] = max(1, $counts[0] + $pieces - array_sum($counts));

        return $counts;
    }

    /** @return ?array<string, mixed> the ribbon there is most of as it is given, the first that is wide enough to be seen */
    private function ribbon(): ?array
    {
        foreach ($this->given->wound as $its) {
            if (($its['kind'] ?? '') === 'ribbon' && ($its['onHand'] ?? []) !== []) {
                return $its;
            }
        }

        return null;
    }

    private function nameOf(int $material): string
    {
        $name = $this->given->wound[$material]['name'] ?? null;

        return is_string($name) ? $name : 'mesh';
    }

    /** "Ruffles of Sage mesh and Cream mesh" */
    private function name(Combination $of, PartKind $kind): string
    {
        $names = array_map(fn (array $its): string => $this->nameOf($its[0]), $of->share);

        return mb_strimwidth(ucfirst($kind->noun()[1]).' of '.Words::list(array_values(array_unique($names))), 0, 80, '...');
    }
}
