<?php

declare(strict_types=1);

namespace Davrin\Core\Recipe;

use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Estimate\BowReach;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Otherwise;
use Davrin\Core\Part\OtherwiseBlank;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Finish;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** A plan told in sentences with blanks, in build order. */
final readonly class Recipe
{
    /** A list on hand that is longer is folded. */
    private const MOST_ON_HAND = 4;

    /**
     * @param  list<Line>  $ties  one for each layout
     * @param  list<Line>  $parts
     * @param  array<string, Line>  $materials  by mesh id
     * @param  array<string, Line>  $called  what each is called, its colour and what was paid for it, by mesh id
     * @param  Line  $weighs  what the form weighs
     * @param  list<Line>  $goods  how those that are used are bought
     * @param  array<string, Line>  $uses  how each mesh is used, by mesh id
     */
    private function __construct(
        public Line $name,
        public Line $form,
        public array $ties,
        public array $parts,
        public array $materials,
        public array $uses,
        public array $called,
        public array $goods,
        public Line $finish,
        public Line $weighs,
        public Line $settings,
    ) {}

    public static function of(Plan $plan, Result $result): self
    {
        $units = $plan->units();
        [$parts, $said] = [[], []];
        foreach ($plan->parts as $index => $part) {
            /** @var PartResult $worked */
            $worked = $result->parts[$index];
            $parts[] = self::line(
                "parts.$part->id", self::partSentence($plan, $part), $part->on->slip, $units,
                ['count' => $worked->count->shown] + $part->kind->words($part->on), [
                    ...($part->on->wound() === [] ? [] : [$worked->takes]),
                    ...($worked->size->standsOut() ? [$worked->across, $worked->depth] : []),
                    ...self::fits($plan, $part, $result),
                    ...BowReach::of($plan, $part, $result->extent, $result->tally->opening),
                    ...($worked->fullness->verdict === null ? [] : [$worked->fullness->figure]),
                    ...$result->yieldOf($part->id)?->figures() ?? [],
                ],
                // Said once, at the first step where it matters.
                array_values(array_filter($worked->cautions, fn (Caution $caution): bool => ! in_array($caution, $said, true))),
            );
            array_push($said, ...$worked->cautions);
        }
        $meshes = [];
        $uses = [];
        $called = [];
        foreach ($plan->wound() as $index => $mesh) {
            $sentence = $mesh->wound->looksSentence().', rolls of {roll} {label}'.(
                $mesh->isMeasured()
                    ? ''
                    : ', up to {allowance} short'.self::learnedShort($mesh)
            ).', at {price}.';
            // Lots are spoken of where there are some.
            $lots = array_filter($mesh->onHand(), fn (OnHand $there): bool => $there->lot !== null) === [] ? '' : ', {lots}';
            $paid = $mesh->paid() === null ? '' : ', bought at {paid}';
            $called[$mesh->id] = self::line("materials.$mesh->id", '{name}, {colour}, {paid}', $mesh->slip, $units);
            $uses[$mesh->id] = self::line(
                "materials.$mesh->id",
                "On hand {onHand}$lots$paid; new rolls {rolls}, {trim} off each. Weight {weighs}. Bought from {supplier}.",
                $mesh->slip,
                $units,
                [],
                [],
            );
            $worked = $result->wound[$index];
            $meshes[$mesh->id] = self::line(
                "materials.$mesh->id",
                $sentence,
                $mesh->slip,
                $units,
                [],
                [$worked->rolls, $worked->used, $worked->left],
            );
        }

        return new self(
            self::line('plan', '{name}', $plan->heading, $units, [], []),
            self::line(
                'form',
                $plan->formKind->sentence().', bought at {price}.'.self::countSentence($plan),
                $plan->formSlip,
                $units,
                [],
                [],
            ),
            array_map(fn (TieGroup $group): Line => self::line(
                "ties.$group->id", $group->layout->sentence().' Each tie takes {stem}.'.(
                    $group === $plan->ties->groups[0]
                        ? ''
                        : ' Number them {numbered}.'
                ), $group->slip, $units, $group->layout->words($plan->form), [self::tiesFigure($plan, $result, $group)],
            ), $plan->ties->groups),
            $parts,
            $meshes,
            $uses,
            $called,
            array_values(
                array_map(
                    fn (GoodsUse $use): Line => self::goodsLine($use, $units),
                    array_filter($result->goods, fn (GoodsUse $use): bool => $use->pieces > 0),
                ),
            ),
            self::line('finish', Finish::sentence(), $plan->finish->slip, $units, [], [$result->tally->weight, $result->tally->used]),
            self::line('form', 'The form weighs {weighs}.', $plan->formSlip, $units),
            self::line(
                'settings',
                'Show {units}, wires counted {wireCount}, prices in {currency}; the cost {cost}, {priceAt}. Keep ends from {keepFrom}. '
                    .'It hangs where there is {room} in depth.',
                $plan->settings->slip,
                $units,
                [],
                [],
            ),
        );
    }

    /** @return list<Figure> how large a sign is against the piece and its opening; none for what is no sign */
    private static function fits(Plan $plan, Part $part, Result $result): array
    {
        $box = $part->kind instanceof HidesWhatIsBehind ? $part->kind->board($part->on)->box() : null;
        $inches = fn (float $length): string => $plan->units()->place(Length::nearInches($length));
        $shown = $box === null ? '' : $inches($box->wide()).' x '.$inches($box->high());

        return $box === null ? [] : [new Figure('sign', $shown, $shown, [
            "it takes up $shown",
            "the finished piece is {$result->tally->across->shown}, opening {$result->tally->opening->shown}",
            ...self::scraps($plan, $result),
        ])];
    }

    /** @return non-empty-list<string> what is left over for a cushion: ends of this plan that are too short to keep */
    private static function scraps(Plan $plan, Result $result): array
    {
        $ends = [];
        foreach ($result->wound as $its) {
            $waste = $its->plan->waste($plan->settings->keepFrom());
            $ends = [...$ends, ...($waste->isZero() || ! $its->wound->wound->makesABase()
                ? []
                : [$plan->units()->available($waste)." of {$its->wound->name()}"])];
        }

        return [$ends === []
            ? 'for a cushion no end of this plan is too short to keep: take loose pieces from the shelf'
            : 'for a cushion there are ends too short to keep: '.Words::list($ends)];
    }

    private static function goodsLine(GoodsUse $use, Units $units): Line
    {
        $onHand = $use->good->onHand() === [] ? '' : ', {onHand} on hand';

        return self::line(
            "materials.{$use->good->id}",
            $use->good->counted->planSentence()."$onHand.",
            $use->good->slip,
            $units,
            [],
            [$use->count, $use->bought],
        );
    }

    /** What the log says of how short such rolls come, where that counts. */
    private static function learnedShort(Wound $mesh): string
    {
        $learned = $mesh->shortfall();

        return $learned === null ? '' : sprintf(' (here %s, %s)', $mesh->allowance()->shown(), $learned->words());
    }

    private static function countSentence(Plan $plan): string
    {
        return match (true) {
            $plan->form->starts() === 1 => ' Count {direction}.',
            $plan->form->frame->beginsAtCrossbar() => sprintf(' Count {direction} from %s {startAt}.', $plan->form->names->crossbar()),
            default => sprintf(' Count {direction} from place {startAt} (1 is %s).', $plan->form->names->start()),
        };
    }

    /** Where there are several layouts, a part says on which it stands. */
    private static function partSentence(Plan $plan, Part $part): string
    {
        $sentence = $part->kind->sentence($part->on);
        if ($part->kind->materials()->variesByTie && $part->on->colourTask !== null) {
            $order = '{material}, {order}'.($part->on->colourTask->painted === [] ? '' : ', by hand {painted}');
            $sentence = (string) preg_replace_callback(
                '/\{material\}([,.;:]?)/',
                fn (array $found): string => $order.($found[1] === '' ? ',' : $found[1]),
                $sentence,
                1,
            );
        }

        if (Otherwise::of($part->on) !== []) {
            $sentence .= ' On some ties otherwise: {'.OtherwiseBlank::KEY.'}.';
        }

        return count($plan->ties->groups) > 1 ? str_replace('{on}', '{on} of {ties}', $sentence) : $sentence;
    }

    private static function tiesFigure(Plan $plan, Result $result, TieGroup $group): Figure
    {
        $index = array_search($group, $plan->ties->groups, true);
        $count = count($group->ties());

        return new Figure(
            $count === 1 ? 'tie' : 'ties',
            $count,
            (string) $count,
            [$result->tally->ties->because[(int) $index] ?? $result->tally->ties->because[0]],
        );
    }

    /**
     * A sentence with the blanks of a slip.
     *
     * @param  array<string, string>  $computed
     * @param  list<Figure>  $figures
     * @param  list<Caution>  $cautions
     */
    public static function line(
        string $address,
        string $sentence,
        Slip $slip,
        Units $units,
        array $computed = [],
        array $figures = [],
        array $cautions = [],
    ): Line {
        $parts = [];
        foreach (preg_split('/(\{=?\w+\})/', $sentence, -1, PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $key = trim($part, '{=}');
            $parts[] = match (true) {
                str_starts_with($part, '{=') => $computed[$key],
                str_starts_with($part, '{') => self::blank($address, $key, $slip, $units),
                default => $part,
            };
        }

        return new Line($address, $parts, $figures, $cautions);
    }

    private static function blank(string $address, string $key, Slip $slip, Units $units): BlankPart
    {
        $written = $slip->write()[$key];

        return new BlankPart(
            "$address.$key",
            rtrim($slip->blanks[$key]->label(), ','),
            $slip->show($key, $units),
            is_array($written) ? implode(', ', array_map(strval(...), $written)) : (string) $written,
            $slip->blanks[$key]->options(),
            $slip->blanks[$key] instanceof ColourBlank,
            $slip->fields($key),
            self::folded($slip, $key, $units),
        );
    }

    private static function folded(Slip $slip, string $key, Units $units): ?string
    {
        $there = $slip->blanks[$key] instanceof OnHandBlank ? $slip->objects($key, OnHand::class) : [];

        return count($there) > self::MOST_ON_HAND ? OnHandBlank::folded($there, $slip->length('roll'), $units) : null;
    }
}
