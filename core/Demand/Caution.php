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

    public function words(): string
    {
        return match ($this) {
            self::Cutter => 'Cut away from the hand, and close the guard of the cutter when you put it down.',
            self::ZipTies => 'Snip zip ties away from the face, wear eye protection, and tuck the ends inward.',
            self::Scissors => 'Cut away from the hand, and lay the scissors down closed.',
            self::Flame => 'Heat cutter or flame: good air, tempered glass under it, and never near loose mesh. Ribbon melts and burns.',
            self::Dip => 'Dip ends in good air, follow the label of the medium, and let them dry before they touch anything.',
            self::HotGlue => 'Hot glue burns: finger guards, a mat, out of children\'s reach, and unplug the gun.',
        };
    }
}
