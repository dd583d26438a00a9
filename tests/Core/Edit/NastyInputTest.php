<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PlaceTie;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Words\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

/** Whatever is written in whichever blank: it is taken or refused with a sentence, never a crash. */
final class NastyInputTest extends PlanCase
{
    private const NASTY = [
        '', '0', '-1', '999999999999', '1e308', '1/0', "\0", '<script>', 'NaN', '½', '٣', '🎺', "18\n1/2", '1,500', '18 1/2 in', '3: out', '1 to 24', '1-2: 3 in',
        '0 0, 1 1, 0 1', '0 0, 9 0, 9 9, 4 -4', '#12345', 'row 99', '{"a":1}', "\xC3\x28", '0.25 in', '96 in', '10 yd', '24', '2 rolls', '1, 2, 3',
    ];

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Craft::standard()->forms) as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_nothing_that_is_typed_stumbles(string $kind): void
    {
        $plan = $this->plan(
            [
                'form' => ['kind' => $kind],
                'ties' => [[], ['layout' => 'free'], ['layout' => 'every-so-far', 'every' => '4 in']],
                'parts' => [['length' => '10 in']],
            ],
        );
        [$engine, $reader] = [Engine::standard(Craft::standard()), $this->reader()];
        $taken = 0;
        foreach ($plan->slips() as $address => $slip) {
            // What says nothing of the form reads the same on any.
            if ($kind !== 'ring' && preg_match('/^(form|ties)/', $address) === 0) {
                continue;
            }
            foreach (array_keys($slip->blanks) as $key) {
                foreach (self::NASTY as $typed) {
                    try {
                        $after = (new FillBlanks(["$address.$key" => $typed]))->apply($plan, $reader);
                        $taken++;
                    } catch (Refused $refused) {
                        $this->assertGreaterThan(20, strlen($refused->getMessage()));

                        continue;
                    }
                    if ($address === 'form') {
                        $engine->work($after, how: Thoroughness::AtOnce);
                    }
                }
            }
        }
        $this->assertGreaterThan($kind === 'ring' ? 60 : 20, $taken);
    }

    #[DataProvider('kinds')]
    public function test_a_click_anywhere_puts_a_tie_or_says_how_far_off_it_is(string $kind): void
    {
        $plan = $this->plan(['form' => ['kind' => $kind], 'ties' => [['layout' => 'free']], 'parts' => []]);
        foreach ([[0.0, 0.0], [-499.0, 499.0], [0.001, -12.0], [7.0, 7.0]] as [$x, $y]) {
            [$seat, $distance] = $plan->form->nearest(new Point($x, $y));
            $place = $plan->form->at($seat, $distance);
            if (hypot($place->x - $x, $place->y - $y) <= 1.5) {
                $this->assertSame(2, PlaceTie::at('t1', $x, $y)->apply($plan, $this->reader())->ties->count());
            } else {
                $this->assertTooFar(fn () => PlaceTie::at('t1', $x, $y)->apply($plan, $this->reader()));
            }
        }
    }

    /** @param  callable(): mixed  $click */
    private function assertTooFar(callable $click): void
    {
        try {
            $click();
        } catch (Refused $refused) {
            $this->assertStringContainsString('from the nearest wire', $refused->getMessage());

            return;
        }
        $this->fail('A click far from any wire put a tie.');
    }
}
