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

    /** As the guide says it in full. */
    public function inFull(): string
    {
        return match ($this) {
            self::Cutter => 'A rotary cutter goes through skin as it goes through mesh. Cut away from the hand, all fingers behind the ruler, on a mat; '
                .'close the guard whenever it leaves your hand, and change the blade when it skips. Keep it where no child reaches it.',
            self::ZipTies => 'The end of a zip tie flies when it is snipped, and what is left of it is sharp. Cover it with a hand, turn it away from the '
                .'face, wear eye protection, cut it flush and turn the head inward.',
            self::Scissors => 'Cut away from the hand that holds. Lay scissors down closed, points away from you, and never cut wire with them: they slip.',
            self::Flame => 'A heat cutter or a flame seals ribbon by melting it, and melts and burns mesh as well. Open a window, work on tempered glass or tile, '
                .'carry loose mesh and paper out of reach, have water at hand, and switch it off before you look away. Cotton, jute and paper burn.',
            self::Dip => 'Clear medium and fray check give off vapour. Good air, gloves if the label says so, and let ends dry before they touch anything.',
            self::Staples => 'Only in wood that is thicker than the staple is long, and slanted. Fingers out of the way, never towards anybody, and feel the face '
                .'afterwards: no point may come through.',
            self::SmallParts => 'Balls, bells, berries and gems choke children and animals. Fix each so that none comes off, and say it to whoever gets the piece.',
            self::Wire => 'Cut ends of wire and stems fly and scratch. Turn them away from the face, hold a hand over them, wear eye protection, and tuck every '
                .'end inward: towards the door, and towards whoever lifts the piece.',
            self::Paint => 'Spray paint and strong glue: outdoors or in moving air, with a mask where the label asks for one, away from flames, and as the label says.',
            self::Hook => 'A hook holds what it is rated for, and suction cups less in frost and heat. Weigh the piece. It is plastic: hang it away from candles, '
                .'heaters, hot bulbs and the glass of a door in full sun.',
            self::Door => 'On doors of shared, rented or public buildings, on exits and on fire doors local fire codes and the landlord decide what may hang, and '
                .'how far it may stand out. Ask before you hang it.',
            self::HotGlue => 'Glue and tip are as hot as boiling oil. Finger guards, a mat under the gun, a stand, no cord across the way, out of children\'s reach; unplug it '
                .'when you get up. A burn goes under cool running water at once; a large one to a doctor.',
        };
    }

    /** As a heading. */
    public function title(): string
    {
        return match ($this) {
            self::Cutter => 'Rotary cutter',
            self::ZipTies => 'Zip ties',
            self::Scissors => 'Scissors',
            self::Flame => 'Heat and flame',
            self::Dip => 'Dipping ends',
            self::Staples => 'Staples',
            self::SmallParts => 'Small parts',
            self::Wire => 'Wire ends',
            self::Paint => 'Paint and strong glue',
            self::Hook => 'Hook and hanging',
            self::Door => 'Doors of others',
            self::HotGlue => 'Hot glue',
        };
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
