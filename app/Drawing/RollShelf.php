<?php

namespace App\Drawing;

use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;

/** All rolls of a plan to one scale, equal ones folded into one strip. */
final readonly class RollShelf
{
    /** How many drawing units the longest roll is wide; its coil and what is said beside it come after. */
    public const WIDTH = 530;

    /** So many strips of a mesh are drawn; the rest is on the cut sheet. */
    private const MOST = 24;

    /** @var array<string, list<RollStrip>> strips by mesh id */
    public array $strips;

    /** @var array<string, int> how many rolls are not drawn, by mesh id */
    public array $more;

    public function __construct(Plan $plan, Result $result)
    {
        // A hank of strands is so long that meshes beside it would be too short to read: it has a scale of its own.
        $longest = max([1, ...array_map(fn (Wound $mesh): int => $mesh->wound->isDrawnOff() ? 0 : self::longest($mesh), $plan->wound())]);
        $widest = max([1, ...array_map(fn ($mesh): int => $mesh->width()->units, $plan->wound())]);
        [$strips, $more] = [[], []];
        foreach ($result->wound as $mesh) {
            $strips[$mesh->wound->id] = self::fold(
                $plan,
                $mesh,
                self::WIDTH / ($mesh->wound->wound->isDrawnOff() ? self::longest($mesh->wound) : $longest),
                $mesh->wound->width()->units / $widest,
            );
            $more[$mesh->wound->id] = count($mesh->plan->rolls) - array_sum(
                array_map(fn (RollStrip $strip): int => count($strip->numbers), $strips[$mesh->wound->id]),
            );
        }
        [$this->strips, $this->more] = [$strips, $more];
    }

    private static function longest(Wound $mesh): int
    {
        return max([$mesh->nominal()->units, ...array_map(fn (OnHand $there): int => $there->length->units, $mesh->onHand())]);
    }

    /** @return list<RollStrip> */
    private static function fold(Plan $plan, WoundResult $mesh, float $perUnit, float $breadth): array
    {
        $folded = [];
        foreach ($mesh->plan->rolls as $roll) {
            $strip = RollStrip::of($plan->units(), $mesh->plan, $roll, $perUnit, $breadth);
            $last = array_key_last($folded);
            if ($last !== null && $folded[$last]->looksLike($strip)) {
                $folded[$last] = $folded[$last]->and($strip);
            } elseif (count($folded) < self::MOST) {
                $folded[] = $strip;
            } else {
                break;
            }
        }

        return $folded;
    }
}
