<?php

namespace App\Log;

use App\Settings\House;
use Davrin\Core\Compute\Work;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\Lesson;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** What the log has taught, in words: planned, real, what is used from now on, how many pieces say so and how sure that is. */
final readonly class Told
{
    private function __construct(
        public Lesson $lesson,
        public string $planned,
        public string $real,
        public string $used,
        public string $scatter,
        public string $restsOn,
        public string $slips,
        public bool $isHeld,
        public string $typed,
        private float $value,
    ) {}

    /** @param  ?LearnedFigure  $held  where the maker holds it */
    public static function of(Lesson $lesson, ?LearnedFigure $held): self
    {
        $shown = fn (float $its): string => self::shown($lesson->subject, $its);
        $figure = $held ?? $lesson->figure();
        $used = $figure === null ? null : ($lesson->subject->isFactor() ? $figure->value * $lesson->guess : $figure->value);
        [$low, $high] = array_map($shown, $lesson->middleHalf);

        return new self(
            $lesson,
            $lesson->subject->isPercent() ? ($lesson->subject === Subject::Shortfall ? '1 or 2 %' : 'nothing') : $shown($lesson->guess),
            $shown($lesson->real),
            $used === null ? 'starting guess' : $shown($used),
            $low === $high ? "all at $low" : 'half of them from '.(string) preg_replace('/ (min|in|cm|%)$/', '', $low)." to $high",
            Words::count($lesson->from, $lesson->subject === Subject::Shortfall ? 'roll' : 'piece'),
            implode(', ', array_map($shown, $lesson->slips)),
            $held !== null,
            $shown($used ?? $lesson->real),
            $figure->value ?? $lesson->value,
        );
    }

    public function isUsed(): bool
    {
        return $this->isHeld || $this->lesson->figure() !== null;
    }

    /** What is held where nothing in the log says anything of it any more: "1.2 times the starting guess". */
    public static function alone(LearnedFigure $held): string
    {
        return $held->subject->isFactor()
            ? LearnedFigure::number($held->value, 3).' times the starting guess'
            : self::shown($held->subject, $held->value);
    }

    /** What it is of, and of which material and whose: "ruffles of see-through mesh from the market". */
    public function what(): string
    {
        $scope = $this->lesson->scope;

        return match (true) {
            $this->lesson->subject === Subject::Shortfall => 'rolls'.self::made($scope).self::from($scope),
            $scope->isOfDesign() => "\"{$this->lesson->words}\", this design alone",
            default => $this->lesson->words.self::made($scope).self::from($scope),
        };
    }

    /** What is meant by a figure: "minutes for one", "in from its row", "of the label". */
    public function unit(): string
    {
        return match ($this->lesson->subject) {
            Subject::Minutes => str_starts_with($this->lesson->scope->of, 'work:') && ! in_array(
                $this->lesson->scope->of,
                [Work::TIES, Work::CUTS],
                true,
            ) ? 'all of it' : 'each',
            Subject::Reach => 'out from its row',
            Subject::Depth => 'up from the table',
            Subject::Thin, Subject::Full => self::units() === Units::Inches
                ? 'sq in of mesh per inch of form'
                : 'sq cm of mesh per cm of form',
            Subject::Shortfall => 'of the label',
            Subject::Waste => 'of what is used',
        };
    }

    /** Where it stands on its page. */
    public static function anchor(string $key): string
    {
        return 'figure-'.substr(hash('sha256', $key), 0, 10);
    }

    /**
     * Where its marks stand on a strip that is as long as it takes, each from 0 to 1.
     *
     * @return array{guess: float, real: float, from: float, to: float, slips: list<float>}
     */
    public function strip(): array
    {
        $all = [$this->lesson->guess, $this->lesson->real, ...$this->lesson->middleHalf, ...$this->lesson->slips];
        $room = max((max($all) - min($all)) * 0.12, max($all) * 0.02, 0.01);
        [$least, $most] = [min($all) - $room, max($all) + $room];
        $at = fn (float $its): float => round(($its - $least) / ($most - $least), 4);

        return [
            'guess' => $at($this->lesson->guess),
            'real' => $at($this->lesson->real),
            'from' => $at($this->lesson->middleHalf[0]),
            'to' => $at($this->lesson->middleHalf[1]),
            'slips' => array_map($at, $this->lesson->slips),
        ];
    }

    /**
     * What a maker typed to be held, as a learned figure holds it: as exact as it is, where it was left as it is shown.
     *
     * @throws Fault
     */
    public function valueOf(string $typed): float
    {
        [$text, $lesson] = [trim($typed), $this->lesson];
        if ($text === $this->typed) {
            return $this->value;
        }
        if ($lesson->subject === Subject::Reach || $lesson->subject === Subject::Depth) {
            return LengthText::read($text, self::units())->toInches() / $lesson->guess;
        }
        if (preg_match('/^(?:about )?(?<number>\d{1,4}(?:[.,]\d{1,4})?) ?(?:%|min|minutes|sq in|sq cm)?$/i', $text, $found) !== 1) {
            throw Fault::at('', sprintf('"%s" is no number that I can read. Write one like 0.9.', mb_substr($text, 0, 40)));
        }
        $number = (float) strtr($found['number'], ',', '.');

        return match ($lesson->subject) {
            Subject::Minutes => $number / $lesson->guess,
            Subject::Thin, Subject::Full => $number / self::units()->perInch(),
            default => $number,
        };
    }

    /** @param  float  $its  in the unit of its observations */
    private static function shown(Subject $subject, float $its): string
    {
        return match ($subject) {
            Subject::Minutes => LearnedFigure::number($its, 3).' min',
            Subject::Reach, Subject::Depth => self::units()->place(Length::nearInches($its)),
            Subject::Thin, Subject::Full => LearnedFigure::number($its * self::units()->perInch(), 1),
            default => LearnedFigure::number($its, 1).' %',
        };
    }

    private static function made(Scope $scope): string
    {
        return $scope->material === '' ? '' : " of $scope->material";
    }

    private static function from(Scope $scope): string
    {
        return match (true) {
            $scope->source === '' => '',
            in_array($scope->source, ['ordinary rolls', 'cheap rolls'], true) => ", $scope->source",
            default => " from $scope->source",
        };
    }

    private static function units(): Units
    {
        return app(House::class)->units();
    }
}
