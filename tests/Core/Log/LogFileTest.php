<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\EntrySheet;
use Davrin\Core\Log\Learner;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Log\LoggedPiece;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Observed;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Price\Terms;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** The log as a file: what is written of a piece comes back as it was, and teaches what it taught. */
final class LogFileTest extends PlanCase
{
    public function test_a_piece_comes_back_as_it_was_written(): void
    {
        $plan = $this->plan($this->everyday());
        $times = [
            new WorkTime(new Scope('ruffle', 'plain mesh', 'the market'), 'ruffles', 12, 12.0, 9.9, 10.25, 18),
            new WorkTime(new Scope('work:ties'), 'ties', 18, 5.4, 5.4),
        ];
        $rolls = [new RollTruth('m1', 'Sage mesh, roll 1', new Scope('', 'plain mesh', 'the market'), Length::inches(360), Length::inches(355, 1, 2))];
        $slip = $this->slip(['name' => 'Märchen "für" <alle>', 'made' => '2026-03-08', 'wide' => '57.5 cm', 'weight' => '610 g', 'soldFor' => '62.50', 'otherwise' => "less\nmesh"]);
        $piece = $this->read([$this->row($plan, $slip, $times, $rolls, ['m1' => Length::inches(4, 3, 8)], [['at' => 'tie 4', 'words' => 'a flaw']])])[0];
        $this->assertEquals($plan->write(), $piece->plan->write());
        $this->assertSame($slip->write(), $piece->slip->write());
        $this->assertEquals([$times, $rolls], [$piece->times, $piece->rolls]);
        $this->assertEquals(['m1' => Length::inches(4, 3, 8)], $piece->spoiled);
        $this->assertSame([['at' => 'tie 4', 'words' => 'a flaw']], $piece->notes);
        $this->assertSame(Terms::read([])->write(), $piece->terms->write());
    }

    /** The worked example of the log: 22, 22.5, 23, 22.5 and a slip of 31 in against 23 planned. */
    public function test_a_log_from_a_file_teaches_what_it_taught(): void
    {
        $plan = $this->plan($this->everyday());
        $rows = array_map(
            fn (string $wide): array => $this->row($plan, $this->slip(['name' => 'A ring', 'made' => '2026-03-08', 'wide' => $wide])),
            ['22 in', '22 1/2 in', '23 in', '22 1/2 in', '31 in'],
        );
        $observed = array_map(fn (LoggedPiece $piece): array => Observed::of(
            $piece->plan,
            $this->figures($piece->plan),
            EntrySheet::made($piece->slip, $piece->times, $piece->rolls, $piece->spoiled),
        ), $this->read($rows));
        $this->assertContainsOnlyInstancesOf(Observation::class, array_merge(...$observed));
        $learned = Learner::figures(Learner::learn($observed), []);
        $this->assertNotNull($learned->find(Subject::Reach, 'ruffle', 'plain mesh'));
        $next = $this->plan($this->everyday() + ['learned' => $learned->write()]);
        $this->assertSame('22 1/2 in', $this->figures($next)->tally->across->value);
    }

    public function test_what_a_file_leaves_out_was_not_looked_at(): void
    {
        $plan = $this->plan($this->everyday());
        [$piece] = $this->read([['piece' => ['name' => 'A ring', 'made' => '2026-03-08'], 'plan' => $plan->write()]]);
        $this->assertSame([[], [], [], []], [$piece->times, $piece->rolls, $piece->spoiled, $piece->notes]);
        $this->assertSame('not measured', $piece->slip->show('wide', $plan->units()));
        [$piece] = $this->read([[
            'piece' => ['name' => 'A ring', 'made' => '2026-03-08'],
            'work' => [['of' => 'ruffle', 'words' => 'ruffles', 'count' => 18, 'guess' => 18]],
            'plan' => $plan->write(),
        ]]);
        $this->assertNull($piece->times[0]->took);
        $this->assertSame(18.0, $piece->times[0]->said, 'nothing else was said than the starting guess');
    }

    public function test_an_older_plan_in_it_is_brought_up_to_date(): void
    {
        $plan = $this->plan($this->everyday());
        $old = ['version' => 1] + $plan->write();
        unset($old['parts'], $old['layers']);
        $written = ['format' => 'davrin-plan', 'version' => 1, 'materials' => [['name' => 'Sage mesh']]];
        [$piece] = $this->read([['piece' => ['name' => 'A ring', 'made' => '2026-03-08'], 'plan' => $written]]);
        $this->assertSame(Plan::VERSION, $piece->plan->write()['version']);
    }

    public function test_what_the_documentation_shows_is_read(): void
    {
        $this->assertSame(1, preg_match('/```json\n(.*?)```/s', (string) file_get_contents(dirname(__DIR__, 3).'/docs/log-format.md'), $example));
        [$piece] = iterator_to_array($this->file()->read($example[1]));
        $piece->check($this->figures($piece->plan));
        $this->assertSame(['Teal stripe mesh, roll 1', 30.6], [$piece->rolls[0]->words, $piece->times[0]->took]);
    }

    public function test_a_roll_is_of_the_kind_and_from_where_the_plan_says(): void
    {
        $plan = $this->plan(['materials' => [['supplier' => 'The market']]])->write();
        [$piece] = $this->read([['piece' => ['name' => 'A ring', 'made' => '2026-03-08'], 'plan' => $plan, 'rolls' => [
            ['id' => 'm1', 'words' => 'roll 1', 'label' => '180 in', 'held' => '176 in'],
        ]]]);
        $this->assertEquals(new Scope('', 'plain mesh', 'The market'), $piece->rolls[0]->scope);
    }

    public function test_more_is_not_spoiled_than_can_have_been_of_all_copies(): void
    {
        $plan = $this->plan($this->everyday());
        $check = fn (int $copies, array $spoiled) => $this->read([[
            'piece' => ['name' => 'A ring', 'made' => '2026-03-08', 'copies' => $copies], 'plan' => $plan->write(), 'spoiled' => $spoiled,
        ]])[0]->check($this->figures($plan));
        $check(3, ['m1' => '900 in']);
        $this->assertFault('/spoiled/m1', 'more than twice that', fn () => $check(1, ['m1' => '900 in']));
        $this->assertFault('/spoiled/stems', 'nothing of it can be spoiled', fn () => $check(1, ['stems' => '2 in']));
    }

    /** @param  array<string, mixed>  $change  of the second piece */
    #[TestWith([['piece' => ['name' => 'A ring']], '/entries/1/piece', '"made" is missing here.'])]
    #[TestWith([['piece' => ['name' => 'A ring', 'made' => 'soon']], '/entries/1/piece/made', 'soon'])]
    #[TestWith([['piece' => ['name' => 'A ring', 'made' => '2026-03-08', 'copies' => 0]], '/entries/1/piece/copies', ''])]
    #[TestWith([['piece' => ['name' => 'A ring', 'made' => '2026-03-08', 'opening' => '11 in']], '/entries/1/piece/opening', 'open 8 in'])]
    #[TestWith([['work' => [['of' => 'ruffle', 'words' => 'ruffles', 'count' => -1, 'guess' => 1]]], '/entries/1/work/0/count', ''])]
    #[TestWith([['work' => [['of' => 'ruffle', 'words' => 'ruffles', 'count' => 1, 'guess' => 1, 'took' => 1441]]], '/entries/1/work/0/took', '1.0 days'])]
    #[TestWith([['work' => [['of' => 'ruffle', 'words' => 'ruffles', 'count' => 1, 'guess' => 1e300]]], '/entries/1/work/0/guess', ''])]
    #[TestWith([['rolls' => [['id' => 'm1', 'words' => 'roll 1', 'label' => 'long']]], '/entries/1/rolls/0/label', 'not a length'])]
    #[TestWith([['rolls' => [['id' => 'm1', 'words' => 'roll 1', 'label' => '180 in', 'held' => '-2 in']]], '/entries/1/rolls/0/held', ''])]
    #[TestWith([['rolls' => [['id' => 'm9', 'words' => 'roll 1', 'label' => '180 in']]], '/entries/1/rolls/0/id', 'no material "m9"'])]
    #[TestWith([['spoiled' => ['m9' => '2 in']], '/entries/1/spoiled/m9', 'no material "m9"'])]
    #[TestWith([['notes' => [['at' => 'tie 1']]], '/entries/1/notes/0', '"words" is missing here.'])]
    #[TestWith([['photographs' => []], '/entries/1/photographs', '"photographs" is not known here.'])]
    #[TestWith([['plan' => ['format' => 'davrin-plan', 'version' => 99]], '/entries/1/plan/version', 'Update Davrin'])]
    #[TestWith([['prices' => ['work' => ['rate' => 'much']]], '/entries/1/prices/work/rate', ''])]
    public function test_a_fault_is_named_with_its_place(array $change, string $pointer, string $sentence): void
    {
        $row = ['piece' => ['name' => 'A ring', 'made' => '2026-03-08'], 'plan' => $this->plan($this->everyday())->write()];
        try {
            $this->read([$row, $change + $row]);
            $this->fail("Nothing was said of $pointer.");
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer, $fault->getMessage());
            $this->assertStringContainsString($sentence, $fault->getMessage());
        }
    }

    public function test_a_file_without_a_bound_is_not_read(): void
    {
        foreach ([
            str_repeat('[', 40).str_repeat(']', 40),
            '{"format": "davrin-log", "version": 1, "entries": '.str_repeat('{"a":', 30).'1'.str_repeat('}', 30).'}',
            str_repeat(' ', LogFile::MOST_BYTES + 1),
            json_encode(['format' => LogFile::FORMAT, 'version' => 1, 'entries' => array_fill(0, LogFile::MOST + 1, ['piece' => ['name' => 'x', 'made' => '2026-01-01'], 'plan' => []])]),
        ] as $bytes) {
            try {
                iterator_to_array($this->file()->read((string) $bytes));
                $this->fail(substr((string) $bytes, 0, 60));
            } catch (Fault $fault) {
                $this->assertNotSame('', $fault->getMessage());
            }
        }
    }

    private function file(): LogFile
    {
        return new LogFile(new PlanFile(Craft::standard()));
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<LoggedPiece>
     */
    private function read(array $rows): array
    {
        return iterator_to_array(
            $this->file()->read((string) json_encode(['format' => LogFile::FORMAT, 'version' => LogFile::VERSION, 'entries' => $rows])),
        );
    }

    /** @param  array<string, string>  $written */
    private function slip(array $written): Slip
    {
        return Slip::load(EntrySheet::blanks(Currency::UsDollar), $written, '');
    }

    /**
     * @param  list<WorkTime>  $times
     * @param  list<RollTruth>  $rolls
     * @param  array<string, Length>  $spoiled
     * @param  list<array{at: string, words: string}>  $notes
     * @return array<string, mixed>
     */
    private function row(Plan $plan, Slip $slip, array $times = [], array $rolls = [], array $spoiled = [], array $notes = []): array
    {
        return LogFile::write($plan->write(), Terms::read([])->write(), $slip, $times, $rolls, $spoiled, $notes);
    }
}
