<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Refused;
use PHPUnit\Framework\TestCase;

/** What is remembered of plans that were worked out before never shows in another. */
final class NothingStaleTest extends TestCase
{
    public function test_an_edit_comes_out_the_same_whatever_was_worked_out_before(): void
    {
        [$engine, $reader] = [Engine::standard(Craft::standard()), new PlanReader(Craft::standard())];
        $compared = 0;
        foreach (['band-door-teal-and-gold', 'garden-club-bee-stall', 'pavilion-six-layers', 'choir-gallery-cross'] as $name) {
            $plan = (new PlanFile(Craft::standard()))->reopen((string) file_get_contents(__DIR__."/../../../database/demo/$name.json"));
            [$layer, $mesh, $ties] = [$plan->parts[0]->id, $plan->wound()[0]->id, $plan->ties->groups[0]->id];
            $edits = [
                ["parts.$layer.length" => '17 in'], ["materials.$mesh.rolls" => '1'], ["materials.$mesh.onHand" => '131 in lot B, 62 in'], ["materials.$mesh.name" => 'Another'],
                ["ties.$ties.perSection" => '2'], ['form.crossbars' => '5'], ['settings.units' => 'centimetres'], ["parts.$layer.on" => 'every 2nd tie'], ["materials.$mesh.width" => '6 in'],
            ];
            // There and back, so that each is worked out after the others.
            foreach ([...$edits, ...array_reverse($edits)] as $fill) {
                try {
                    $edited = (new FillBlanks($fill))->apply($plan, $reader);
                } catch (Refused) {
                    continue;
                }
                $fresh = (new FillBlanks($fill))->apply($plan, new PlanReader(Craft::standard()));
                $this->assertSame(
                    json_encode(Engine::standard(Craft::standard())->work($fresh)),
                    json_encode($engine->work($edited)),
                    "$name with ".json_encode($fill),
                );
                $compared++;
            }
        }
        $this->assertGreaterThan(40, $compared);
    }
}
