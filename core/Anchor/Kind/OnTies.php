<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Ties\PlaceBlank;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TiePick;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;

/** On ties of one layout: all of them, or those that are picked. */
final readonly class OnTies implements AnchorKind
{
    public const LAYOUT = 'ties';

    public const WHICH = 'on';

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        $layout = self::layout($there->ties);
        $of = array_intersect_key($written, [self::LAYOUT => 1]);

        return [$layout, PlaceBlank::on(self::group($carry ? Slip::carry([$layout], $of) : Slip::load([$layout], $of, ''), $there->ties))];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        $group = self::group($slip, $there->ties);
        try {
            return Anchor::onTies($group, $slip->object(self::WHICH, TiePick::class)->rows($group));
        } catch (Fault $fault) {
            throw Fault::at('/'.self::WHICH, $fault->getMessage());
        }
    }

    private static function group(Slip $slip, Ties $ties): TieGroup
    {
        return array_column($ties->groups, null, 'id')[$slip->text(self::LAYOUT)];
    }

    private static function layout(Ties $ties): ChoiceBlank
    {
        if ($ties->groups === []) {
            throw Fault::at(
                '',
                'This stands on ties, and the form has none. Add a layout of ties first, or choose something that stands elsewhere.',
            );
        }
        $groups = [];
        foreach ($ties->groups as $index => $group) {
            $groups[$group->id] = sprintf('layout %d, %s', $index + 1, $group->numbers());
        }

        return ChoiceBlank::ofPlan(self::LAYOUT, 'the ties it stands on', $ties->groups[0]->id, $groups);
    }
}
