<?php

namespace App\Log;

use App\Blanks\Problem;
use App\Models\LogEntry;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\EntrySheet;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Verdict;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Material\Material;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Words;
use Illuminate\Contracts\Support\Responsable;
use Symfony\Component\HttpFoundation\Response;

/** An entry of the log as a page: what is written of a piece, what Davrin said of it and what came, and what it teaches. */
final readonly class EntryPage implements Responsable
{
    /** Off by more than such a part, or by so many inches, it is asked whether that was meant (guesses). */
    private const FAR = 0.25;

    private const FAR_INCHES = 4.0;

    private Units $units;

    public function __construct(private LogEntry $entry, private ?Problem $problem = null)
    {
        $this->units = $entry->design()->units();
    }

    public function toResponse($request): Response
    {
        $slip = $this->entry->slip();
        $form = $this->entry->design()->form;

        return response()->view('log.show', [
            'entry' => $this->entry,
            'problem' => $this->problem,
            'isAtNoBlank' => $this->problem !== null && ! $this->isOfTheEntry((string) $this->problem->address),
            'name' => Recipe::line('entry', '{name}', $slip, $this->units),
            'lines' => EntrySheet::lines($slip, $this->units, $form->closed() && $form->filledBy === null),
            'times' => array_map($this->time(...), $this->entry->workTimes()),
            'rolls' => $this->rolls(),
            'spoiled' => $this->spoiled(),
            'beside' => $this->beside(),
            'doubt' => $this->doubt(),
            'earned' => $this->earned(),
            'teaches' => $this->teaches(),
        ], $this->problem->status ?? 200);
    }

    /** Whether one of its blanks is at an address, so that what is wrong there can stand there. */
    private function isOfTheEntry(string $address): bool
    {
        [$of, $which] = [...explode('.', $address, 2), ''];

        return match ($of) {
            'entry' => $this->entry->slip()->has($which),
            'times' => isset($this->entry->times[(int) $which]),
            'rolls' => isset($this->entry->rolls[(int) $which]),
            'spoiled' => isset($this->entry->told['used'][$which]),
            default => false,
        };
    }

    /** @return array{what: string, said: string, took: string} */
    private function time(WorkTime $time): array
    {
        return [
            'what' => match (true) {
                $time->outOf !== null && $time->outOf > $time->count => "$time->count of $time->outOf $time->words",
                $time->count > 1 => "$time->count $time->words",
                default => ucfirst($time->words),
            },
            'said' => LearnedFigure::number($time->said, 1).' min',
            'took' => $time->took === null ? '' : LearnedFigure::number($time->took, 2).' min',
        ];
    }

    /** @return list<array{what: string, label: string, held: string}> */
    private function rolls(): array
    {
        return array_map(fn ($roll): array => [
            'what' => $roll->words,
            'label' => $this->units->exact($roll->label),
            'held' => $roll->held === null ? '' : $this->units->exact($roll->held),
        ], $this->entry->rollTruths());
    }

    /** @return array<string, array{what: string, used: string, spoiled: string}> by the id of the material */
    private function spoiled(): array
    {
        $spoiled = $this->entry->spoiledLengths();
        $materials = $this->entry->design()->materials->all;
        $said = [];
        foreach ($this->entry->told['used'] ?? [] as $id => $used) {
            if (($materials[$id] ?? null) instanceof Material) {
                $said[$id] = [
                    'what' => $materials[$id]->name(),
                    'used' => $this->units->needed(Length::ofUnits($used)),
                    'spoiled' => isset($spoiled[$id]) ? $this->units->exact($spoiled[$id]) : '',
                ];
            }
        }

        return $said;
    }

    /** @return list<array{0: string, 1: string, 2: string}> what it is, what Davrin said, what came */
    private function beside(): array
    {
        [$made, $said] = [$this->entry->made(), $this->entry->told['said'] ?? []];
        $length = fn (?Length $its): string => $its === null ? '' : $this->units->exact($its);
        $took = array_filter($this->entry->workTimes(), fn (WorkTime $its): bool => $its->took !== null);
        $minutes = array_sum(array_map(fn (WorkTime $its): float => $its->together(), $this->entry->workTimes()));
        $rows = [
            ['Size', $said['size'] ?? '', Words::list(array_values(array_filter([$length($made->wide), $length($made->high)])))],
            ['Opening', $said['opening'] ?? '', $length($made->opening)],
            ['Depth', $said['depth'] ?? '', $length($made->depth)],
            ['Weight', $said['weight'] ?? '', $made->weight instanceof Weight ? $made->weight->shown() : ''],
            ['Fullness', $said['fullness'] ?? '', $made->verdict === Verdict::Unsaid ? '' : $made->verdict->value],
            [
                'Time for one',
                $said['minutes'] ?? '',
                $took === [] ? '' : Words::minutes($minutes / max(1, $this->entry->copies)),
            ],
            ['Materials', $said['cost'] ?? '', ''],
        ];

        return array_values(array_filter($rows, fn (array $row): bool => $row[1] !== ''));
    }

    /** Whether a size is so far off that it may be a slip of the pen; it is kept as it was written. */
    private function doubt(): ?string
    {
        $size = $this->entry->sizes();
        $off = $size === null ? 0.0 : abs($size['came'] - $size['said']);

        return $size === null || ($off <= self::FAR * $size['said'] && $off <= self::FAR_INCHES) ? null : sprintf(
            '%s is far from what was to be expected, %s. If it is a slip of the pen, mend it; if it is so, leave it: one such '
                .'piece moves nothing that Davrin has learned.',
            $size['cameWords'],
            $size['saidWords'],
        );
    }

    private function inches(float $inches): string
    {
        return $this->units->place(Length::nearInches($inches));
    }

    /** What the sale came to, in a sentence; null where nothing was sold. */
    private function earned(): ?string
    {
        $sums = $this->entry->sums;
        if (($sums['sold'] ?? 0) < 1) {
            return null;
        }
        $currency = Currency::from((string) $sums['currency']);
        $money = fn (int|string $cents): string => Money::cents((int) $cents, $currency)->shown();
        if ($sums['earned'] === null) {
            return 'It counts in another currency than your hour, so nothing is said of what it earned.';
        }
        $hours = $sums['minutes'] / 60;

        return sprintf(
            'Sold for %s%s: %s of that paid for %s h of work, %s an hour; after all costs, your time too, %s.',
            $money($sums['sold']),
            $this->entry->copies > 1 ? ' together' : '',
            $money($sums['earned']),
            number_format($hours, 1),
            $hours > 0 ? $money((int) round($sums['earned'] / $hours)) : '-',
            $sums['kept'] < 0 ? $money(-$sums['kept']).' was lost' : $money($sums['kept']).' stayed',
        );
    }

    /** @return list<string> */
    private function teaches(): array
    {
        return array_values(array_unique(array_filter(array_map($this->lesson(...), $this->entry->observations()))));
    }

    private function lesson(Observation $its): ?string
    {
        [$real, $guess] = $its->subject === Subject::Minutes
            ? [LearnedFigure::number($its->real, 2).' min', LearnedFigure::number($its->guess, 2)]
            : [$this->inches($its->real), $this->inches($its->guess)];

        return match (true) {
            $its->scope->isOfDesign(), $its->subject === Subject::Full => null,
            $its->subject === Subject::Minutes => "$its->words: $real instead of $guess",
            $its->subject === Subject::Reach => "$its->words stand out $real instead of $guess",
            $its->subject === Subject::Depth => "$its->words are $real deep instead of $guess",
            $its->subject === Subject::Shortfall => "$its->words held $real of $guess",
            $its->subject === Subject::Waste => "$real spoiled beside $guess of $its->words",
            default => sprintf('%s at fullness %s look %s', $its->words, LearnedFigure::number($its->real, 1), $its->verdict),
        };
    }
}
