<?php

namespace App\Editor;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Figure;
use Illuminate\Support\Str;

/** The figures a maker asks for first, as they stand above a plan: each with a word under it, and how it came about. */
final class Facts
{
    /** @return array<string, array{value: string, note: string, because: list<string>}> */
    public static function of(Plan $plan, Result $result): array
    {
        [$tally, $cost, $verdict] = [$result->tally, $result->cost, $result->fullness->verdict];

        return [
            'ties' => self::fact($tally->ties),
            'elements' => self::fact($tally->elements),
            'rolls' => self::fact($tally->rolls),
            'left' => self::fact($tally->left, 'left on the rolls'),
            'across' => self::across($result),
            'fullness' => ['value' => $verdict ?? 'no mesh yet']
                + self::fact($tally->fullness, $verdict === null ? 'on the form' : $tally->fullness->said()),
            'minutes' => self::fact($tally->minutes, 'to make'),
            'cost' => $plan->settings->costsByLength()
                ? self::fact($tally->cost, "by length; {$cost->opened->shown} opened", ['By what is opened:', ...$cost->opened->because])
                : self::fact($tally->cost, "opened; {$cost->byLength->shown} by length", ['By length used:', ...$cost->byLength->because]),
        ];
    }

    /** @return array{value: string, note: string, because: list<string>} */
    private static function across(Result $result): array
    {
        $tally = $result->tally;
        [$opening, $depth] = [$tally->opening->shown, Str::after($tally->depth->said(), 'about ')];
        if (! $result->form->closed()) {
            return self::fact($tally->across, "{$tally->across->label}, $depth", $tally->depth->because);
        }

        return self::fact(
            $tally->across,
            $tally->across->label.($opening === 'closed' ? ', closed' : ', opening '.Str::after($opening, 'about ')).", $depth",
            [...$tally->depth->because, "Opening $opening:", ...$tally->opening->because],
        );
    }

    /**
     * @param  list<string>  $more  what else is told where it is opened
     * @return array{value: string, note: string, because: list<string>}
     */
    private static function fact(Figure $figure, ?string $note = null, array $more = []): array
    {
        return ['value' => $figure->shown, 'note' => $note ?? $figure->label, 'because' => [...$figure->because, ...$more]];
    }
}
