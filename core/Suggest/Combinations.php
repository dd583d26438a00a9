<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Anchor\Kind\OnTies;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Colour\ColourDistance;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\EasyToMake;
use Davrin\Core\Part\LiesOnOthers;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\Layout\AsItCame;
use Davrin\Core\Ties\Layout\Free;
use Davrin\Core\Words\Refused;

/**
 * All that a search looks at, in the order in which it does: every technique with the first form, layout and material, then with the
 * next of each, so that different kinds of answers come first.
 */
final readonly class Combinations
{
    /** More are not looked at: what comes later is more of the same. */
    public const MOST = 110;

    /** So many materials are tried alone, and so many pairs. */
    private const ALONE = 6;

    private const PAIRS = 3;

    /** Two materials that are closer in colour are no pair (a guess; CIE 1976). */
    private const APART = 20.0;

    public function __construct(private Craft $craft, private PlanReader $reader, private Wishes $wishes, private Given $given) {}

    /** @return list<Combination> */
    public function all(): array
    {
        $choices = $this->choices();
        $layouts = array_map($this->layouts(...), array_column($this->given->forms, 'form'));
        $techniques = $this->techniques();
        $most = count($choices) + max([0, ...array_map(count(...), $layouts)]) + count($layouts);
        $all = [];
        for ($round = 0; $round <= $most && count($all) < self::MOST; $round++) {
            foreach ($layouts as $form => $its) {
                foreach ($its as $number => $layout) {
                    $choice = $round - $form - $number;
                    foreach (isset($choices[$choice]) ? $techniques : [] as $technique) {
                        $all[] = new Combination($form, $technique, $layout, $choices[$choice]);
                    }
                }
            }
        }

        return array_slice($all, 0, self::MOST);
    }

    /** @return list<string> by key: what stands on ties, fills the form by itself and has a length */
    private function techniques(): array
    {
        return array_values(array_map(fn (PartKind $kind): string => $kind->key(), array_filter(
            $this->craft->parts,
            fn (PartKind $kind): bool => $kind instanceof CutToLength
                && $kind->fullness() !== null
                && $kind->anchor() instanceof OnTies
                && ! $kind instanceof LiesOnOthers
                && (! $this->wishes->isForABeginner() || $kind instanceof EasyToMake)
                && in_array($kind->key(), $this->given->techniques ?? [$kind->key()], true),
        )));
    }

    /**
     * The layouts that a form has room for, the usual one first; where ties are counted by the section, twice as many too.
     *
     * @param  array<string, mixed>  $form
     * @return list<array<string, string|int>>
     */
    private function layouts(array $form): array
    {
        try {
            $plan = $this->reader->read(['form' => $form, 'ties' => [], 'materials' => [[]], 'parts' => []]);
        } catch (Refused) {
            return [];
        }
        $usual = $plan->formKind->usualLayout();
        $keys = array_keys(array_diff_key($this->craft->layouts, [Free::KEY => 1]));
        usort($keys, fn (string $a, string $b): int => ($b === $usual) <=> ($a === $usual));
        $layouts = [];
        foreach ($keys as $key) {
            $layout = $this->craft->layouts[$key];
            if ($layout->fits($plan->form) && ($key === $usual || ! $layout instanceof AsItCame)) {
                $layouts[] = ['id' => 't1', 'layout' => $key];
                foreach ($layout->blanks($plan->form) as $blank) {
                    if ($blank instanceof CountBlank && $blank->key() === 'perSection') {
                        $layouts[] = ['id' => 't1', 'layout' => $key, 'perSection' => 2 * $blank->default()];
                    }
                }
            }
        }

        return $layouts;
    }

    /**
     * Materials alone, those first of which there is most, and pairs that can be told apart.
     *
     * @return list<non-empty-list<array{int, int}>>
     */
    private function choices(): array
    {
        $there = $this->there();
        uasort($there, fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $best = array_slice(array_keys($there), 0, self::ALONE);
        $alone = array_map(fn (int $one): array => [[$one, 1]], $best);
        $pairs = [];
        foreach ($this->wishes->isForABeginner() ? [] : $best as $number => $one) {
            foreach (array_slice($best, $number + 1) as $other) {
                [$a, $b] = [$there[$one][0], $there[$other][0]];
                if ($a->width()->equals($b->width()) && ColourDistance::between(self::colour($a), self::colour($b)) >= self::APART) {
                    $pairs[] = [$one, $other];
                }
            }
        }
        $shared = [];
        foreach (array_slice($pairs, 0, self::PAIRS) as [$one, $other]) {
            array_push($shared, [[$one, 1], [$other, 1]], [[$one, 2], [$other, 1]]);
        }

        // One alone, one pair, and so on.
        $choices = [];
        for ($number = 0; $number < max(count($alone), count($shared)); $number++) {
            array_push($choices, ...array_slice($alone, $number, 1), ...array_slice($shared, $number, 1));
        }

        return $choices;
    }

    /** @return array<int, array{Wound, float}> what can be a base, with how much there is of it and may be bought, in square inches */
    private function there(): array
    {
        $there = [];
        foreach ($this->given->wound as $place => $written) {
            try {
                $plan = $this->reader->read(['ties' => [], 'materials' => [['id' => 'a'] + $written], 'parts' => []]);
            } catch (Refused) {
                continue;
            }
            $wound = $plan->wound()[0] ?? null;
            if ($wound === null || ! $wound->wound->makesABase()) {
                continue;
            }
            $inches = array_sum(array_map(fn (OnHand $its): float => $its->count * $its->length->toInches(), $wound->onHand()))
                + $this->wishes->rollsToBuy() * $wound->nominal()->toInches();
            if ($inches > 0.0) {
                $there[$place] = [$wound, $inches * $wound->width()->toInches()];
            }
        }

        return $there;
    }

    private static function colour(Wound $wound): string
    {
        return $wound->slip->text('colour');
    }
}
