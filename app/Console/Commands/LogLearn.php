<?php

namespace App\Console\Commands;

use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\EntrySheet;
use Davrin\Core\Log\Learner;
use Davrin\Core\Log\Lesson;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Log\LoggedPiece;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Observed;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;
use Illuminate\Console\Command;

/** What a log teaches, without a database. */
final class LogLearn extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'log:learn
        {file : a log that was saved as a file (docs/log-format.md)}
        {--json : print what is used from now on as a file for --learned}';

    protected $description = 'What a log teaches: planned, real, and what is used from now on';

    public function handle(PlanFile $files, PlanReader $reader, Engine $engine): int
    {
        $path = (string) $this->argument('file');
        try {
            $pieces = (new LogFile($files))->read($this->contents($path, LogFile::MOST_BYTES + 1, 'a log'));
            $observed = [];
            foreach ($pieces as $at => $piece) {
                $observed[] = Fault::under("/entries/$at", fn (): array => $this->observed($piece, $reader, $engine));
            }
        } catch (Fault $fault) {
            return $this->fault(sprintf('%s: at "%s": %s', $path, $fault->pointer, $fault->getMessage()));
        }
        $lessons = Learner::learn($observed);
        if ($this->option('json')) {
            $this->output->write(Learner::figures($lessons, [])->file());

            return self::SUCCESS;
        }
        $this->section('Learned from '.Words::count(count($observed), 'piece'), []);
        foreach (Subject::cases() as $subject) {
            $its = array_filter($lessons, fn (Lesson $lesson): bool => $lesson->subject === $subject);
            $its === [] || $this->section($subject->words(), array_values(array_map(self::told(...), $its)));
        }

        return self::SUCCESS;
    }

    /**
     * @return list<Observation>
     *
     * @throws Fault
     */
    private function observed(LoggedPiece $piece, PlanReader $reader, Engine $engine): array
    {
        $guessed = $reader->read(['learned' => LearnedFigures::none()->write()] + $piece->plan->write());
        $result = $engine->figures($guessed);
        $piece->check($result);

        return Observed::of(
            $guessed,
            $result,
            EntrySheet::made($piece->slip, $piece->times, $piece->rolls, $piece->spoiled),
        );
    }

    private static function told(Lesson $lesson): string
    {
        $number = fn (float $its): string => LearnedFigure::number($its, 3);
        $unit = match ($lesson->subject) {
            Subject::Minutes => ' min',
            Subject::Reach, Subject::Depth => ' in',
            Subject::Thin, Subject::Full => ' sq in of mesh per inch of form',
            Subject::Shortfall, Subject::Waste => ' %',
        };
        $of = array_filter([$lesson->words, $lesson->scope->material, $lesson->scope->source]);

        return sprintf(
            '%s: %s%s%s, from %s, %s%s',
            implode(', ', array_unique($of)),
            $lesson->subject->isPercent() ? '' : "guessed {$number($lesson->guess)}, really ",
            $number($lesson->real),
            $unit,
            Words::count($lesson->from, $lesson->subject === Subject::Shortfall ? 'roll' : 'piece'),
            $lesson->sureness->value,
            $lesson->slips === [] ? '' : '; left aside: '.implode(', ', array_map($number, $lesson->slips)),
        );
    }
}
