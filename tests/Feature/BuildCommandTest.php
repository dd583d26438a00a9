<?php

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\TestWith;

/** The bench on the command line, without a database. */
final class BuildCommandTest extends FeatureCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'davrin-plan-');
        file_put_contents($this->file, json_encode([
            'format' => 'davrin-plan', 'version' => 2, 'name' => 'Everyday',
            'materials' => [['id' => 'm1', 'kind' => 'mesh', 'label' => 'measured', 'rolls' => 1], ['id' => 'stems', 'kind' => 'stems']],
            'parts' => [['id' => 'l1']],
        ]));
    }

    protected function tearDown(): void
    {
        unlink($this->file);
        parent::tearDown();
    }

    public function test_it_walks_a_plan_and_says_what_can_be_done_where_something_goes_wrong(): void
    {
        $walk = json_decode($this->walked(['--json' => true, '--copies' => '2', '--together' => true]), true);
        $this->assertSame([116, '1/ties.t1/1'], [count($walk), $walk[0]['key']]);
        $said = $this->walked(['--done' => '29', '--wrong' => 'gave-out', '--set' => ['gave=11'], '--shelf' => ['m1=120 in']]);
        foreach (['Buy one roll of Sage mesh', '7 x 17 1/8 in = 119 7/8 in of 120 in, 1/8 in left.', 'Leave tie 12 bare'] as $words) {
            $this->assertStringContainsString($words, $said);
        }
        $ways = json_decode($this->walked(['--done' => '29', '--wrong' => 'gave-out', '--set' => ['gave=11'], '--json' => true]), true);
        $this->assertSame(['buy', 7], [$ways[0]['way'], count($ways[0]['rolls'][1]['cuts'])]);
        $this->assertStringContainsString('tie-missed', $this->walked(['--wrong' => 'list']));
    }

    public function test_one_at_a_time_each_piece_is_cut_right_before_it_is_made(): void
    {
        $walk = array_column(json_decode($this->walked(['--json' => true, '--order' => 'element']), true), 'key');
        $cut = array_search('1/cut.m1/l1.4/0', $walk, true);
        $this->assertSame('1/parts.l1/l1.4', $walk[$cut + 1]);
        $this->assertCount(58, $walk);
    }

    public function test_what_is_done_is_left_out_and_the_rest_is_said_in_a_line_each(): void
    {
        $said = $this->walked(['--done' => '36']);
        $this->assertStringNotContainsString('a whole stem', $said);
        $this->assertStringContainsString('Tie 1, ruffle of Sage mesh (1 of 18): Gather one piece of 19 in', $said);
        $this->assertStringContainsString('Fluff it (1 of 1): Fluff it from the inside out', $said);
    }

    /** @param  array<string, mixed>  $options */
    #[TestWith([['--copies' => '0'], '--copies takes'])]
    #[TestWith([['--order' => 'both'], '--order takes'])]
    #[TestWith([['--done' => '9999'], '--done takes'])]
    #[TestWith([['--wrong' => 'nonsense'], 'cannot go wrong here'])]
    #[TestWith([['--wrong' => 'gave-out', '--set' => ['gave=99']], 'was to give 18'])]
    #[TestWith([['--wrong' => 'gave-out', '--set' => ['what=1']], 'what'])]
    #[TestWith([['--shelf' => ['x=120 in']], 'no "x"'])]
    #[TestWith([['--shelf' => ['m1=a lot']], 'a lot'])]
    public function test_what_it_cannot_take_is_said_in_a_sentence(array $options, string $says): void
    {
        $this->assertStringContainsString($says, $this->walked($options, 1));
    }

    /** @param  array<string, mixed>  $options */
    private function walked(array $options, int $code = 0): string
    {
        $this->assertSame($code, Artisan::call('plan:build', ['file' => $this->file, ...$options]));

        return Artisan::output();
    }
}
