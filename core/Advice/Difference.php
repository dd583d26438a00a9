<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Measure\Money;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Words;

/** What an edit changes, in words. */
final class Difference
{
    public static function between(Result $before, Result $after, string $mesh): string
    {
        [$old, $new] = [self::mesh($before, $mesh), self::mesh($after, $mesh)];
        $said = [];
        if ($new->rolls->value !== $old->rolls->value) {
            $said[] = 'opens '.$new->rolls->shown;
        }
        if ($after->tally->elements->value !== $before->tally->elements->value) {
            $said[] = $after->tally->elements->shown.' '.$after->tally->elements->label;
        }
        $said[] = sprintf('uses %s, leaves %s', $new->used->shown, $new->left->shown);
        $unopened = ($new->mesh->rolls() ?? 0) - count($new->plan->rolls);
        if ($unopened > 0) {
            $said[] = Words::count($unopened, 'roll').' in reserve';
        }
        array_push($said, ...self::money($before->cost->total, $after->cost->total));

        return implode('; ', $said);
    }

    private static function mesh(Result $result, string $id): MeshResult
    {
        foreach ($result->meshes as $mesh) {
            if ($mesh->mesh->id === $id) {
                return $mesh;
            }
        }

        throw new \LogicException("The result has no mesh \"$id\".");
    }

    /** @return list<string> */
    private static function money(Money $before, Money $after): array
    {
        $difference = $after->minus($before);

        return match (true) {
            $difference->cents === 0 => [],
            $difference->cents > 0 => [$difference->shown().' more'],
            default => [Money::cents(-$difference->cents)->shown().' less'],
        };
    }
}
