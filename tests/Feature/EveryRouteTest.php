<?php

namespace Tests\Feature;

use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is sent to whichever address, it is answered: with a page, a way back or a sentence, never with a failure. */
final class EveryRouteTest extends FeatureCase
{
    /** How often each route is asked. */
    private const TRIES = 3;

    private const FIELDS = [
        'came', 'colour', 'columns', 'copies', 'coreAcross', 'coreWeight', 'count', 'cut', 'cuts', 'distance', 'done', 'form', 'id', 'kept', 'kind', 'length', 'lot', 'newAcross', 'newWeight', 'now', 'across',
        'on', 'order', 'page', 'paper', 'plan', 'left', 'currency', 'q', 'read', 'scale', 'side', 'starter', 'stock', 'tape', 'technique', 'tie', 'to', 'units', 'ware', 'way', 'weight', 'width', 'x', 'y', 'file', 'revision', 'of', 'from', 'step', 'asked', 'minutes', 'place', 'plans', 'only', 'number', 'material', 'trouble', 'at', 'since', 'token', 'unit', 'deed', 'look', 'answer', 'pieces', 'together', 'version', 'all_the_same', 'ticks', 'figure', 'value', 'alt', 'season', 'year', 'photograph',
    ];

    private const EDITS = [
        'add-part', 'remove-part', 'part-earlier', 'part-later', 'add-mesh', 'add-ribbon', 'add-tails', 'add-bow', 'add-sign', 'add-extra', 'add-step', 'remove-material', 'add-ties', 'remove-ties', 'place-tie', 'take-tie', 'place-thing', 'take-form', 'take-material', 'take-materials', 'part-lots', 'paint', 'exchange', 'take-ribbon', 'remove-ribbon', 'add-place', 'add-box', 'add-offer', 'remove-place', 'remove-offer',
    ];

    private const BLANKS = [
        'parts.l1.length',
        'parts.l1.material',
        'parts.l1.on',
        'ties.t1.perSection',
        'form.wires',
        'materials.m1.onHand',
        'materials.m1.roll',
        'settings.units',
        'plan.name',
        'parts.bow.loop',
        'parts.bow.kind',
        'materials.r1.name',
        'item.width',
        'item.low',
        'nothing',
        'work.rate',
        'places.p1.fee',
        'wishes.budget',
        'wrong.gave',
        'wrong.lost',
        'wrong.roll',
        'wrong.material',
        'entry.made',
        'entry.wide',
        'entry.copies',
        'entry.soldFor',
        'times.0',
        'times.99',
        'rolls.0',
        'spoiled.m1',
        'parts',
    ];

    public function test_nothing_that_is_sent_makes_it_fail(): void
    {
        $this->seed(DemoSeeder::class);
        $this->post('/together', ['copies' => [14 => 2, 23 => 1]])->assertRedirect('/together/1');
        $this->post(
            '/shelf-files',
            ['file' => UploadedFile::fake()->createWithContent('rolls.csv', "name,left\nSage mesh,20 in\n")],
        )->assertRedirect('/shelf-files/1');
        $this->post('/suggest', ['set' => ['wishes.skill' => 'beginner']])->assertRedirect('/suggest/1');
        $chance = new Randomizer(new Mt19937(11));
        $asked = 0;
        foreach (Route::getRoutes() as $route) {
            foreach (str_starts_with($route->uri(), 'storage') ? [] : array_diff($route->methods(), ['HEAD']) as $method) {
                for ($try = 0; $try < self::TRIES; $try++, $asked++) {
                    $sent = $this->nonsense($chance);
                    $to = '/'.preg_replace_callback(
                        '/\{\w+\??\}/',
                        fn (): string => $chance->getInt(0, 4) > 0 ? (string) $chance->getInt(1, 3) : ['999', 'abc', '0'][$chance->getInt(0, 2)],
                        $route->uri(),
                    );
                    $answer = $this->call($method, $to, $sent, server: $chance->getInt(0, 1) === 1 ? ['HTTP_HX_REQUEST' => 'true'] : []);
                    $this->assertLessThan(
                        500,
                        $answer->getStatusCode(),
                        "$method $to with ".json_encode(
                            $sent,
                            JSON_INVALID_UTF8_SUBSTITUTE,
                        ).': '.($answer->baseResponse->exception ?? null)?->getMessage(),
                    );
                }
            }
        }
        $this->assertGreaterThan(200, $asked);
    }

    public function test_what_failed_once_is_refused_with_a_sentence(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['5']])->assertStatus(422)->assertSee('The plan has no blank');
        $this->get('/together?copies[1x]=2')->assertOk()->assertSee('Say beside a plan or two');
        $this->edit($plan, ['set' => ['parts.outer.length' => '1'.str_repeat('0', 399)]])->assertStatus(422);
        $this->post('/scale', ['weight' => '1'.str_repeat('0', 400), 'state' => 'steady'])->assertRedirect();
        $this->assertSame('19 in', $plan->fresh()?->plan()->parts[1]->on->slip->write()['length']);
    }

    /** @return array<string, mixed> fields as no page sends them */
    private function nonsense(Randomizer $chance): array
    {
        $values = [
            [],
            ['a' => ['b' => 'c']],
            ['x'],
            "\xff\xfe",
            '-1',
            '99999999999999999999',
            '1e999',
            "'; drop",
            str_repeat('x', 500),
            '0',
            null,
            '14 in',
            "a\0b",
            '20',
            'm1',
            '1'.str_repeat('0', 400),
            ['1x' => '2', '0' => '5'],
        ];
        $one = fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
        $sent = [];
        foreach (self::FIELDS as $field) {
            if ($chance->getInt(0, 2) === 0) {
                $sent[$field] = $one($values);
            }
        }

        return $sent + match ($chance->getInt(0, 2)) {
            0 => ['do' => $one(self::EDITS), 'revision' => (string) $chance->getInt(1, 30)],
            1 => [
                'set' => [$one(self::BLANKS) => $one($values), $one(self::BLANKS) => $one($values)],
                'revision' => (string) $chance->getInt(1, 30),
            ],
            default => ['set' => $one($values), 'do' => $one($values)],
        };
    }
}
