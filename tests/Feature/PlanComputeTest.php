<?php

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;

/** The command as a maker runs it, in a process of its own and without any database. */
final class PlanComputeTest extends TestCase
{
    public function test_it_prints_the_whole_result_in_words(): void
    {
        $run = $this->compute(database_path('demo/library-reading-week.json'));
        $this->assertSame([0, ''], [$run->getExitCode(), $run->getErrorOutput()]);
        foreach (['ties: 24', 'roll 1: 2 in + 19 x 9 in + 2 in = 175 in', 'cut at tie 20, and begin roll 2 there', 'by length used: $5.21', 'cost by what is opened: $7.50'] as $line) {
            $this->assertStringContainsString($line, $run->getOutput());
        }
    }

    public function test_it_prints_warnings_with_their_remedies(): void
    {
        $output = $this->compute(database_path('demo/garden-club-bee-stall.json'))->getOutput();
        $this->assertStringContainsString('Every inch is used, and at risk.', $output);
        $this->assertStringContainsString('Cut 23 1/2 in each: safe; uses 352 1/2 in, leaves 7 1/2 in; fullness 102.0, usual; $0.11 less', $output);
    }

    public function test_as_json_it_is_the_tree_the_views_read(): void
    {
        $run = $this->compute(database_path('demo/garden-club-bee-stall.json'), '--json');
        $result = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $this->assertSame(['davrin-result', 2, 'Garden club bee stall'], [$result['format'], $result['version'], $result['name']]);
        $this->assertSame(
            ['name', 'verdict', 'tally', 'form', 'ties', 'parts', 'yields', 'materials', 'goods', 'cost', 'build', 'advice'],
            array_slice(array_keys($result), 2),
        );
        $this->assertSame(
            [
                'label' => 'ties',
                'value' => 15,
                'shown' => '15',
                'because' => ['5 on the two inner wires + 10 on the two outer wires in 5 sections'],
                'estimate' => false,
            ],
            $result['tally']['ties'],
        );
        $this->assertSame(['parts.l1.length' => '23 1/2 in'], $result['advice'][0]['remedies'][0]['edit']['set']);
        $this->assertSame(-$result['ties'][0]['front']['x'], $result['ties'][0]['back']['x']);
    }

    public function test_every_key_of_the_result_is_documented(): void
    {
        $documented = (string) file_get_contents(base_path('docs/result-format.md'));
        $result = json_decode($this->compute(database_path('demo/fair-gate-three-strands.json'), '--json')->getOutput(), true);
        foreach (array_unique($this->keys($result)) as $key) {
            $this->assertStringContainsString("`$key`", $documented);
        }
    }

    /**
     * Those of the format; below some of them the keys are the plan's own.
     *
     * @param  array<mixed>  $tree
     * @return list<string>
     */
    private function keys(array $tree): array
    {
        $keys = [];
        foreach ($tree as $key => $below) {
            $keys = [
                ...$keys,
                ...(is_string($key) ? [$key] : []),
                ...(
                    is_array($below) && ! (in_array($key, ['measures', 'set'], true) || $key === 'rolls' && ! isset($below['label']))
                        ? $this->keys($below)
                        : []
                ),
            ];
        }

        return $keys;
    }

    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/database/demo/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    #[DataProvider('demoPlans')]
    public function test_every_plan_of_the_demo_is_worked_out_the_same_every_time(string $path): void
    {
        $run = $this->compute($path, '--json');
        $this->assertSame([0, ''], [$run->getExitCode(), $run->getErrorOutput()]);
        Artisan::call('plan:compute', ['files' => [$path], '--json' => true]);
        $this->assertSame(Artisan::output(), $run->getOutput());
    }

    #[TestWith(['choir-gallery-cross'])]
    #[TestWith(['fair-gate-three-strands'])]
    #[TestWith(['garden-club-bee-stall'])]
    public function test_words_and_data_say_the_same(string $name): void
    {
        $path = database_path("demo/$name.json");
        $words = $this->compute($path)->getOutput();
        $result = json_decode($this->compute($path, '--json')->getOutput(), true);
        foreach ([$result['name'], 'ties: '.$result['tally']['ties']['shown'], $result['cost']['byLength']['shown']] as $said) {
            $this->assertStringContainsString($said, $words);
        }
    }

    public function test_a_fault_is_told_with_its_pointer_and_ends_with_1(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, '{"format":"davrin-plan","version":1,"meshes":[{}],"layers":[{"length":"0 in"}]}');
        $run = $this->compute($file, '--json');
        unlink($file);
        $this->assertSame([1, ''], [$run->getExitCode(), $run->getOutput()]);
        $this->assertSame(
            "$file: at \"/layers/0/length\": The length of a piece must be between 2 in and 720 in; 0 in is not.\n",
            $run->getErrorOutput(),
        );
    }

    public function test_a_file_that_is_not_there_is_told(): void
    {
        $run = $this->compute('/nowhere/plan.json');
        $this->assertSame(
            [1, "/nowhere/plan.json cannot be read. Give the path of a plan file.\n"],
            [$run->getExitCode(), $run->getErrorOutput()],
        );
    }

    public function test_the_schema_is_printed_as_it_is_published(): void
    {
        $this->artisan('plan:schema')->assertSuccessful();
        $run = new Process(['php', 'artisan', 'plan:schema'], base_path());
        $this->assertStringEqualsFile(base_path('docs/plan.schema.json'), $run->mustRun()->getOutput());
    }

    private function compute(string ...$arguments): Process
    {
        $run = new Process(['php', 'artisan', 'plan:compute', ...$arguments], base_path(), ['DB_DATABASE' => '/nowhere/at/all.sqlite']);
        $run->run();

        return $run;
    }

    public function test_copies_and_several_files_are_made_as_one_batch(): void
    {
        $path = fn (string $name): string => database_path("demo/$name.json");
        $three = json_decode(
            $this->compute($path('library-reading-week'), '--copies', '3', '--json')->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $this->assertSame(
            ['davrin-batch', 1, [['name' => 'Library reading week', 'copies' => 3]]],
            [$three['format'], $three['version'], $three['plans']],
        );
        $this->assertSame(
            [36, '3 x 24 ties, each half a stem'],
            [$three['goods'][0]['pieces']['value'], $three['goods'][0]['pieces']['because'][0]],
        );
        $this->assertLessThanOrEqual($three['materials'][0]['openedApart'], $three['materials'][0]['opened']);
        $words = $this->compute($path('library-reading-week'), $path('bee-stall-work-form'))->getOutput();
        foreach (['1 x Library reading week', '1 x ', 'each of 2: $'] as $line) {
            $this->assertStringContainsString($line, $words);
        }
    }

    public function test_copies_that_are_no_number_or_too_many_are_told(): void
    {
        foreach (['0' => 'takes a whole number', 'two' => '"two" is not', '999' => 'up to 4000 are cut together'] as $copies => $says) {
            $run = $this->compute(database_path('demo/library-reading-week.json'), '--copies', (string) $copies);
            $this->assertSame([1, ''], [$run->getExitCode(), $run->getOutput()]);
            $this->assertStringContainsString($says, $run->getErrorOutput());
        }
    }
}
