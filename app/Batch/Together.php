<?php

namespace App\Batch;

use App\Drawing\Ink;
use App\Drawing\RollStrip;
use App\Models\SavedPlan;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchMesh;
use Davrin\Core\Batch\Share;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;

/** Plans that are cut together as a page shows them: each mesh's rolls to one scale, and what each roll gives to whom. */
final readonly class Together
{
    public const MOST_COPIES = 40;

    private const WIDTH = 530;

    /**
     * @param  list<BatchMesh>  $meshes
     * @param  array<int, list<RollStrip>>  $strips  by the place of the mesh
     * @param  array<int, Ink>  $inks
     */
    private function __construct(public array $meshes, public array $strips, public array $inks, public Units $units) {}

    /**
     * @param  non-empty-list<SavedPlan>  $plans
     * @param  array<int, int>  $copies  by the id of the plan
     */
    public static function of(array $plans, array $copies): self
    {
        $shares = array_map(fn (SavedPlan $plan): Share => new Share($plan->plan(), $copies[$plan->id]), $plans);
        $meshes = Batch::of($shares, new RollPlanner);
        $units = $shares[0]->plan->units();
        $longest = max([1, ...array_map(fn (BatchMesh $mesh): int => max([0, ...array_map(fn (RollUse $roll): int => $roll->length->units, $mesh->rolls->rolls)]), $meshes)]);
        $widest = max([1, ...array_map(fn (BatchMesh $mesh): int => $mesh->mesh->width()->units, $meshes)]);
        [$strips, $inks] = [[], []];
        foreach ($meshes as $place => $mesh) {
            $inks[$place] = Ink::of($mesh->mesh, "t$place");
            $strips[$place] = array_map(fn (RollUse $roll): RollStrip => RollStrip::of($units, $mesh->rolls, $roll, self::WIDTH / $longest, $mesh->mesh->width()->units / $widest), $mesh->rolls->rolls);
        }

        return new self($meshes, $strips, $inks, $units);
    }

    /** @return array<string, list<string>> what a roll gives to each plan, in its order: "tie 7, 19 in" */
    public function gives(BatchMesh $mesh, RollUse $roll): array
    {
        $gives = [];
        foreach ($roll->segments as $segment) {
            if ($segment->element !== null) {
                [$plan, $what] = explode(': ', $mesh->for($segment->element), 2) + [1 => ''];
                $gives[$plan][] = $this->words($segment, $what);
            }
        }

        return $gives;
    }

    private function words(Segment $segment, string $what): string
    {
        return ($segment->tie === null ? $what : (string) $segment->tie).' ('.$this->units->needed($segment->length).')';
    }
}
