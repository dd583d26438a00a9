<?php

namespace App\Guide\State;

use App\Drawing\Elements\Curl;
use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * A piece gathered at its middle, as the editor draws it: "pinched 20 10". "hemmed": its ends are folded; "tied": a stem holds it;
 * "off": it is gathered beside its middle; "loose": it is not pinched yet; "curled": with a curl at each end, "clipped" with clips on
 * them.
 */
final class Pinched implements State
{
    /** How much of a wing is seen of what is cut for it: pleats take some of it up. */
    private const SEEN = 0.82;

    public function name(): string
    {
        return 'pinched';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        [$long, $wide] = [$said->number(0, 20.0), $said->number(1, 10.0)];
        $scene = Scene::of($long + 4, $wide + 4);
        $off = $said->is('off') ? $long * 0.16 : 0.0;
        foreach ([1, -1] as $side) {
            $span = self::SEEN * ($long / 2 - $side * $off);
            $at = new Place($off * self::SEEN, 0.0, 0.0);
            $wing = $said->is('hemmed')
                ? Wings::hemmed($at, $wide * 0.46, $side * $span, 3.0)
                : Wings::frilled($at, $wide * 0.46, $side * $span, 3.0);
            $patch = $wing->patch(0);
            $scene = $scene->patch(new Patch(0, $patch->edge, $patch->folds, $patch->shade, $patch->shine), $said->ink());
        }
        $x = $off * self::SEEN;
        foreach ($said->is('curled') ? [1, -1] : [] as $side) {
            $end = new Place($x + $side * self::SEEN * $long / 2, 0.0, 0.0);
            $scene = $scene->patch(Curl::patch(0, $end, $wide / 2, 0.95, 3.0));
            if ($said->is('clipped')) {
                $scene = $scene->area('metal', Scene::rectangle($end->x, 0.0, 2.6, 0.9));
            }
        }
        $scene = match (true) {
            $said->is('tied') => self::stem($scene, $x, 1.6),
            $said->is('loose') => $scene->arrow(new Point($x, 0.0), new Point($x, -1.6), new Point($x, -3.4))
                ->arrow(new Point($x, 0.0), new Point($x, 1.6), new Point($x, 3.4)),
            default => $scene->arrow(new Point($x, -$wide / 2 - 0.6), new Point($x, -2.6), new Point($x, -0.9))
                ->arrow(new Point($x, $wide / 2 + 0.6), new Point($x, 2.6), new Point($x, 0.9)),
        };

        return $said->is('wrong') ? $scene->wrong($x, 0.0, 3.0) : $scene;
    }

    /** A stem that is twisted round what is pinched. */
    public static function stem(Scene $scene, float $x, float $ends): Scene
    {
        return $scene
            ->curve('stem', Point::list([[$x - 0.5, 0.9], [$x + 0.55, 0.3], [$x - 0.55, -0.3], [$x + 0.5, -0.9]]))
            ->curve('stem', Point::list([[$x + 0.4, -0.8], [$x - 0.3, -1.3], [$x + $ends * 0.6, -1.2 - $ends]]))
            ->curve('stem', Point::list([[$x + 0.4, -0.8], [$x + 0.6, -1.4], [$x - $ends * 0.6, -1.2 - $ends]]));
    }
}
