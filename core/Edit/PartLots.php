<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Colour\Kind\Alternating;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/**
 * Two lots of a mesh that do not match become two meshes of the plan, and its parts take equal numbers of both by turns all the
 * way round (craft: two runs of one colour).
 */
final readonly class PartLots implements Edit
{
    private const LONGEST_NAME = 40;

    private function __construct(private string $mesh) {}

    /** By the id of the mesh. */
    public static function of(string $mesh): self
    {
        return new self($mesh);
    }

    /** @return ?array{string, string} the two lots that there is most of; null where no two are noted */
    public static function lots(Wound $mesh): ?array
    {
        $lengths = [];
        foreach ($mesh->onHand() as $there) {
            if ($there->lot !== null) {
                $lengths["lot $there->lot"] = ($lengths["lot $there->lot"] ?? 0) + $there->count * $there->length->units;
            }
        }
        arsort($lengths);
        $lots = array_map(fn (string $lot): string => substr($lot, 4), array_keys($lengths));

        return count($lots) < 2 ? null : [$lots[0], $lots[1]];
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $mesh = $this->find($plan);
        $lots = self::lots($mesh) ?? throw Fault::at(
            '/materials',
            "Only one lot of {$mesh->name()} is on hand, or none is noted. Note the lot behind each roll, like \"131 in lot B7\".",
        );
        $document = (new AddMaterial)->apply($plan, $reader)->write();
        $id = DocumentList::of($plan, 'materials')->freeId('m');
        $meshes = array_values(array_filter((array) $document['materials'], fn (mixed $its): bool => is_array($its) && $its['id'] !== $id));
        $parts = array_map(
            fn (Part $part, mixed $written): mixed => $this->byTurns($part, (array) $written, $id),
            $plan->parts,
            array_values((array) $document['parts']),
        );
        if ($parts === array_values((array) $document['parts'])) {
            throw Fault::at('/parts', "No layer is of {$mesh->name()} alone, so its lots cannot go by turns.");
        }
        foreach ($meshes as $place => $written) {
            if ($written['id'] === $this->mesh) {
                $both = [
                    $this->part($mesh, $written, $lots[0], true),
                    ['id' => $id, 'hatch' => $this->freeHatch($plan)] + $this->part($mesh, $written, $lots[1], false),
                ];
                array_splice($meshes, $place, 1, $both);
            }
        }

        return $reader->read([...$document, 'materials' => $meshes, 'parts' => $parts]);
    }

    /** @return list<string> lots that are on hand and not used any more */
    public function lost(Plan $before, Plan $after): array
    {
        $mesh = $this->find($before);
        $others = array_diff(
            array_unique(array_filter(array_map(fn (OnHand $there): ?string => $there->lot, $mesh->onHand()))),
            self::lots($mesh) ?? [],
        );

        return array_values(array_map(fn (string $lot): string => "lot $lot of {$mesh->name()} is not used", $others));
    }

    public function words(Plan $before, Plan $after): string
    {
        return "two lots of {$this->find($before)->name()} by turns";
    }

    public function asData(): array
    {
        return ['do' => 'part-lots', 'id' => $this->mesh];
    }

    private function find(Plan $plan): Wound
    {
        return array_column($plan->wound(), null, 'id')[$this->mesh] ?? throw Fault::noBlank("materials.$this->mesh");
    }

    /** A hatch that no mesh of the plan has, as long as there is one. */
    private function freeHatch(Plan $plan): string
    {
        $hatches = array_keys(SoldOnRolls::HATCHES);
        $free = array_values(array_diff($hatches, array_map(fn (Wound $mesh): string => $mesh->slip->text('hatch'), $plan->wound())));

        return $free[0] ?? $hatches[count($plan->wound()) % count($hatches)];
    }

    /**
     * What is said of one of the two. What bears no lot stays with the first.
     *
     * @param  array<mixed>  $written
     * @return array<mixed>
     */
    private function part(Wound $mesh, array $written, string $lot, bool $isFirst): array
    {
        $its = array_map(fn (OnHand $there): bool => $there->lot === $lot || ($isFirst && $there->lot === null), $mesh->onHand());

        return [
            ...$written,
            'name' => mb_substr($mesh->name(), 0, self::LONGEST_NAME - mb_strlen(", lot $lot")).", lot $lot",
            'onHand' => array_values(array_intersect_key(array_values((array) $written['onHand']), array_filter($its))),
        ];
    }

    /**
     * A part of this mesh alone, with the other for every second piece: on every second tie, or half and half in each element.
     *
     * @param  array<mixed>  $written
     * @return array<mixed>
     */
    private function byTurns(Part $part, array $written, string $other): array
    {
        $pieces = $part->on->mix?->pieces() ?? [];
        $use = $part->kind->materials();
        [$ties, $count] = [count($part->on->ties()), count($pieces)];
        if (array_unique($pieces) !== [$this->mesh] || ($written['painted'] ?? []) !== []) {
            return $written;
        }

        return match (true) {
            $use->isOne()
                && $use->variesByTie
                && $ties > 1 => [
                    ...$written,
                    'material' => [$this->mesh.': '.intdiv($ties + 1, 2), "$other: ".intdiv($ties, 2)],
                    'order' => Alternating::KEY,
                ],
            $count % 2 === 1 => $written,
            $use->counted => [...$written, 'material' => ["$this->mesh: ".$count / 2, "$other: ".$count / 2]],
            default => [...$written, 'material' => array_merge(...array_fill(0, intdiv($count, 2), [$this->mesh, $other]))],
        };
    }
}
