<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\PartLots;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Words\Words;

/** Two lots of one mesh would lie side by side, or no lot alone is enough where two in turn would be. */
final readonly class LotsDoNotMatch implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_values(
            array_filter(array_map(fn (WoundResult $mesh): ?Advice => $this->advice($plan, $result, $mesh), $result->wound)),
        );
    }

    private function advice(Plan $plan, Result $result, WoundResult $mesh): ?Advice
    {
        $lots = PartLots::lots($mesh->wound);
        $part = $plan->partsOf($mesh->wound)[0] ?? null;
        if ($lots === null || $part === null) {
            return null;
        }
        $cut = array_values(
            array_unique(
                array_filter(
                    array_map(fn (RollUse $roll): ?string => $roll->stock->lot, $mesh->plan->rolls),
                    fn (?string $lot): bool => $lot !== null,
                ),
            ),
        );
        sort($cut);
        $name = $mesh->wound->name();
        [$title, $sentence, $remedies] = count($cut) > 1
            ? ['Two lots side by side.', sprintf(
                'Lots %s of %s come as they lie on the rolls. Where they do not match, it shows.',
                Words::list($cut),
                $name,
            ), [
                $this->trial->partingLots($plan, $result, $mesh),
                $this->trial->remedy(
                    $plan,
                    $result,
                    'Keep to one lot',
                    ["materials.{$mesh->wound->id}.lots" => 'apart'],
                    [$mesh->wound->id],
                ),
            ]]
            : ['No lot is enough alone.', sprintf(
                '%s of %s may not match. By turns all the way round they look meant.',
                Words::list($lots),
                $name,
            ), [
                $mesh->plan->unmetPieces > 0 || $mesh->plan->money()->cents > 0
                    ? $this->trial->partingLots($plan, $result, $mesh, onlyIfLess: true)
                    : null,
            ]];
        $remedies = array_values(array_filter($remedies));

        return $remedies === [] ? null : new Advice('lots', "parts.$part->id", [$mesh->wound->id], $title, $sentence, [], $remedies);
    }
}
