<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** What can hurt someone at a step, as it is said there. The guide says it in full. */
enum Caution: string
{
    case Cutter = 'cutter';
    case ZipTies = 'zip-ties';
    case HotGlue = 'hot-glue';
    case Scissors = 'scissors';
    case Flame = 'flame';
    case Dip = 'dip';
    case Staples = 'staples';
    case SmallParts = 'small-parts';
    case Wire = 'wire';
    case Paint = 'paint';
    case Hook = 'hook';
    case Door = 'door';

    /** As a heading. */
    public function title(): string
    {
        return self::told()[$this->value][0];
    }

    /** As the guide says it in full. */
    public function inFull(): string
    {
        return self::told()[$this->value][1];
    }

    /** @return array<string, array{string, string}> heading and words of each, by its value (cautions.txt) */
    private static function told(): array
    {
        $told = [];
        foreach (file(__DIR__.'/cautions.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            [$value, $title, $words] = explode(' | ', $line);
            $told[$value] = [$title, $words];
        }

        return $told;
    }

    public function words(): string
    {
        return match ($this) {
            self::Cutter => 'Cut away from the hand, and close the guard of the cutter when you put it down.',
            self::ZipTies => 'Snip zip ties away from the face, wear eye protection, and tuck the ends inward.',
            self::Scissors => 'Cut away from the hand, and lay the scissors down closed.',
            self::Flame => 'Heat cutter or flame: good air, tempered glass under it, and never near loose mesh. Ribbon melts and burns.',
            self::Dip => 'Dip ends in good air, follow the label of the medium, and let them dry before they touch anything.',
            self::Staples => 'Staples: only in thick wood and slanted, fingers out of the way, and feel that no point comes through.',
            self::SmallParts => 'Small parts can choke children and animals: fix them so that none comes off.',
            self::Wire => 'Snip wire ends away from the face, wear eye protection, and tuck them inward.',
            self::Paint => 'Spray paint and strong glue: outdoors or in good air, and as the label says.',
            self::Hook => 'Keep within what the hook is rated for, and hang it away from candles, heaters and hot bulbs: it is plastic.',
            self::Door => 'On doors of shared, rented or public buildings and on exits, local fire codes and the landlord decide what '
                .'may hang.',
            self::HotGlue => 'Hot glue burns: finger guards, a mat, out of children\'s reach, and unplug the gun.',
        };
    }
}
