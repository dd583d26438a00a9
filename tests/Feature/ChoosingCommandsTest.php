<?php

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;

/** What a plan costs, how a figure of it can be varied and what can be made, told by the command line without a database. */
final class ChoosingCommandsTest extends FeatureCase
{
    public function test_a_price_is_worked_out_with_a_file_of_prices(): void
    {
        $plan = database_path('demo/library-reading-week.json');
        $prices = $this->file(['work' => ['rate' => '20.00'], 'places' => [['id' => 'a', 'name' => 'Fair', 'share' => '0 %', 'ending' => 'exact']]]);
        $told = $this->told('plan:price', ['file' => $plan, '--prices' => $prices, '--copies' => '6', '--minutes' => '30', '--asked' => '21.00']);
        // 5.1896 of materials, 10.00 of time, 0.519 of overhead.
        $this->assertSame(['15.71', '15.71', '21.00'], [$told['cost']['value'], $told['prices'][0]['least'], $told['prices'][0]['asked']]);
        $this->assertSame('17.04', $told['lines'][0]['length-paid']);
        $this->assertStringContainsString('what one costs: $', $this->said('plan:price', ['file' => $plan]));
        $this->assertSame(
            json_decode((string) file_get_contents(base_path('docs/prices.schema.json')), true),
            json_decode($this->said('plan:price', ['--schema' => true]), true),
        );
    }

    public function test_a_figure_is_varied(): void
    {
        $plan = database_path('demo/fair-gate-three-strands.json');
        $told = $this->told('plan:vary', ['file' => $plan, 'figure' => 'parts.l1.pitch', '--from' => '7 in', '--to' => '7 1/2 in', '--step' => '1/8 in']);
        $this->assertSame([6, 6, 6, 9, 9], array_column($told['points'], 'rolls'));
        $this->assertStringContainsString('parts.l1.pitch: the pitch of a poof', $this->said('plan:vary', ['file' => $plan]));
    }

    public function test_suggestions_come_with_their_plans(): void
    {
        $roll = ['kind' => 'mesh', 'name' => 'Sage mesh', 'onHand' => ['10 yd by label'], 'allowance' => '1 %'];
        $told = $this->told('plan:suggest', ['file' => $this->file(['materials' => [$roll], 'techniques' => ['ruffle']]), '--most' => '30']);
        $this->assertContains('19 3/4 in', array_column(array_filter(
            $told['suggestions'],
            fn (array $its): bool => $its['layout']['layout'] === 'inner-mid-two-outer',
        ), 'length'));
        $this->assertSame('davrin-plan', $told['suggestions'][0]['plan']['format']);
        $none = $this->said('plan:suggest', ['file' => $this->file(['wishes' => ['minutes' => 3], 'materials' => [$roll], 'techniques' => ['ruffle']])]);
        $this->assertMatchesRegularExpression('/Give it \d+ minutes more\./', $none);
    }

    public function test_what_cannot_be_read_ends_with_1_and_a_sentence(): void
    {
        foreach ([
            ['plan:price', ['file' => '/nowhere.json']],
            ['plan:price', ['file' => database_path('demo/library-reading-week.json'), '--copies' => '0']],
            ['plan:price', ['file' => database_path('demo/library-reading-week.json'), '--prices' => $this->file(['places' => []])]],
            ['plan:price', ['file' => database_path('demo/library-reading-week.json'), '--asked' => 'much']],
            ['plan:vary', ['file' => database_path('demo/library-reading-week.json'), 'figure' => 'parts.x.length']],
            ['plan:vary', ['file' => database_path('demo/library-reading-week.json'), 'figure' => 'parts.l1.pitch', '--from' => 'far']],
            ['plan:suggest', ['file' => '/nowhere.json']],
            ['plan:suggest', ['file' => $this->file(['wishes' => ['from' => '20 in', 'to' => '10 in']])]],
            ['plan:suggest', ['file' => $this->file(['settings' => ['currency' => 'ABC']])]],
        ] as [$command, $arguments]) {
            $this->assertSame(1, Artisan::call($command, $arguments), $command.json_encode($arguments));
        }
    }

    /** @return array<string, mixed> */
    private function told(string $command, array $arguments): array
    {
        return (array) json_decode($this->said($command, $arguments + ['--json' => true]), true, flags: JSON_THROW_ON_ERROR);
    }

    private function said(string $command, array $arguments): string
    {
        $code = Artisan::call($command, $arguments);
        $said = Artisan::output();
        $this->assertSame(0, $code, $said);

        return $said;
    }

    private function file(array $document): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'davrin');
        file_put_contents($path, json_encode($document, JSON_THROW_ON_ERROR));
        $this->beforeApplicationDestroyed(fn (): bool => unlink($path));

        return $path;
    }
}
