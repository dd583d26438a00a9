<?php

namespace App\Cut;

use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;

/** How what a plan takes now differs from what was cut for it. */
final class SinceCut
{
    /** @return list<string> "Sage mesh: 342 in off 1 roll then, 324 in off 1 roll now"; none where it comes to the same */
    public static function of(Result $then, Result $now): array
    {
        return [
            ...self::between('pieces and poofs', ['' => $then->tally->elements->shown], ['' => $now->tally->elements->shown]),
            ...self::between('', self::wound($then), self::wound($now)),
            ...self::between('', self::goods($then), self::goods($now)),
        ];
    }

    /**
     * @param  array<string, string>  $then  by what it is called
     * @param  array<string, string>  $now
     * @return list<string>
     */
    private static function between(string $what, array $then, array $now): array
    {
        $differ = [];
        foreach ($then + $now as $name => $unused) {
            [$was, $is] = [$then[$name] ?? 'none', $now[$name] ?? 'none'];
            if ($was !== $is) {
                $differ[] = ($what === '' ? $name : $what).": $was then, $is now";
            }
        }

        return $differ;
    }

    /** @return array<string, string> */
    private static function wound(Result $result): array
    {
        $used = array_filter($result->wound, fn (WoundResult $mesh): bool => $mesh->plan->rolls !== []);

        return array_combine(
            array_map(fn (WoundResult $mesh): string => $mesh->wound->name(), $used),
            array_map(
                fn (WoundResult $mesh): string => $mesh->used->shown.' off '.count($mesh->plan->rolls)
                    .(count($mesh->plan->rolls) === 1 ? ' roll' : ' rolls'),
                $used,
            ),
        );
    }

    /** @return array<string, string> */
    private static function goods(Result $result): array
    {
        $used = array_filter($result->goods, fn (GoodsUse $use): bool => $use->pieces > 0);

        return array_combine(
            array_map(fn (GoodsUse $use): string => $use->what(), $used),
            array_map(fn (GoodsUse $use): string => (string) $use->pieces, $used),
        );
    }
}
