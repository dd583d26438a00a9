<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\Tie;

/** What holds an element: the stem of its tie, or half or a third of a stem that it brings. */
final class OwnStem
{
    private const OF_TIE = 'tie';

    public static function blank(): ChoiceBlank
    {
        return new ChoiceBlank('stem', 'what holds it', self::OF_TIE, [
            self::OF_TIE => 'the stem of its tie',
            StemKind::Half->value => 'half a stem of its own',
            StemKind::Third->value => 'a third of a stem of its own',
        ]);
    }

    public static function of(PartContext $on): StemKind
    {
        return $on->slip->text('stem') === self::OF_TIE ? StemKind::None : StemKind::from($on->slip->text('stem'));
    }

    /** @return list<Concern> where neither the tie nor the element has anything to tie with */
    public static function doubts(PartContext $on): array
    {
        if ($on->group->stem !== StemKind::None || self::of($on) !== StemKind::None) {
            return [];
        }

        return [new Concern('unheld', 'Nothing holds them.', 'Their ties have no stems, and they bring none of their own.', array_map(fn (Tie $tie): int => $tie->number, $on->ties()), [
            'Half a stem for each' => ['stem' => StemKind::Half->value],
            'A third of a stem for each' => ['stem' => StemKind::Third->value],
        ])];
    }
}
