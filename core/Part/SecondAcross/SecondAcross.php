<?php

declare(strict_types=1);

namespace Davrin\Core\Part\SecondAcross;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\LiesOnOthers;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Ruffle\Ruffle;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Words;

/** One piece more on a tie that has one, laid at right angles to it: its wings point in and out. */
final class SecondAcross extends Pieces implements LiesOnOthers
{
    public function key(): string
    {
        return 'second-across';
    }

    public function name(): string
    {
        return 'a second piece across';
    }

    public function noun(): array
    {
        return ['piece across', 'pieces across'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Gather each as {kind} what hangs there, one on {on}.';
    }

    public function example(): Example
    {
        return Example::onWires(before: [['id' => 'first', 'kind' => Ruffle::KEY, 'material' => 'b', 'length' => '19 in']]);
    }

    public function blanks(): array
    {
        return [self::lengthBlank(20)];
    }

    public function size(PartContext $on): Size
    {
        $wing = $on->length('length')->toInches() / 2 * self::LIES_FLAT;

        return new Size(
            $wing,
            'what of half a piece of '.$on->units->exact($on->length('length')).' lies across',
            $on->width()->toInches() / 2,
            5.5,
            'on top of the first',
        );
    }

    protected function minutes(): float
    {
        return 1.0;
    }

    public function concerns(PartContext $on): array
    {
        $bare = array_values(array_diff(array_map(fn (Tie $tie): int => $tie->number, $on->ties()), $on->there->taken));

        return $bare === []
            ? []
            : [new Concern('across', 'Nothing to lie across.', ucfirst(Words::ties($bare)).' '.(
                count($bare) === 1
                    ? 'has'
                    : 'have'
            ).' no piece yet that this could lie across. Build another layer there first, or move this one later.', $bare, [
                'Make them ruffles' => ['kind' => Ruffle::KEY],
            ])];
    }
}
