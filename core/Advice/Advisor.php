<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;

/**
 * Looks a result over by all rules, and turns what they propose into remedies. The edited plan is computed and looked over too: what
 * leaves the warning standing is not offered, of two proposals that come to the same plan one is, and each tells all it changes.
 */
final readonly class Advisor
{
    /** @var non-empty-list<Rule> */
    private array $rules;

    public function __construct(private Trial $trial)
    {
        $this->rules = [
            new RollsAreTooFew($trial), new RollsAreUsedUp($trial), new ConcernsOfParts, new LastRollGivesLittle($trial),
            new StrandsCouldEndSooner($trial), new LotsDoNotMatch($trial), new FullnessIsOff($trial), new TooDeepForItsRoom($trial),
            new TiesHoldNothing, new RibbonIsLost, new RibbonsLookAlike,
            new TiesAreMissed, new SignFits, new InEachOthersWay, new BehindTheSign, new SetsBehindTheSign, new HangsWell,
        ];
    }

    /** @return list<Advice> */
    public function advice(Plan $plan, Result $result): array
    {
        $warnings = $this->warnings($plan, $result);

        return array_map(
            fn (Warning $warning): Advice => $warning->advice(
                $this->remedies($plan, $result, $warning, $warnings),
                ! $this->trial->wasCutShort(),
            ),
            $warnings,
        );
    }

    /** @return list<Advice> what is wrong, without what could be done */
    public function told(Plan $plan, Result $result): array
    {
        return array_map(fn (Warning $warning): Advice => $warning->advice([], false), $this->warnings($plan, $result));
    }

    /**
     * What is proposed from outside, as by the shelf, for materials that are not enough; null where they are not enough after it.
     *
     * @param  non-empty-list<string>  $materials  by id
     */
    public function remedyForRolls(Plan $plan, Result $result, Proposal $proposal, array $materials): ?Remedy
    {
        $warning = new Warning('short', '', $materials, '', '', [], fn (): array => [$proposal]);

        return $this->remedies($plan, $result, $warning, $this->warnings($plan, $result))[0] ?? null;
    }

    /** @return list<Warning> */
    private function warnings(Plan $plan, Result $result): array
    {
        return array_merge(...array_map(fn (Rule $rule): array => $rule->look($plan, $result), $this->rules));
    }

    /**
     * @param  list<Warning>  $before  all that stands in the plan
     * @return list<Remedy>
     */
    private function remedies(Plan $plan, Result $result, Warning $warning, array $before): array
    {
        [$remedies, $spoiling, $seen] = [[], [], []];
        foreach (($warning->proposals)() as $proposal) {
            $edited = $this->trial->applied($plan, $proposal->edit);
            $key = $edited === null ? null : json_encode($edited->write(), JSON_THROW_ON_ERROR);
            $after = $edited === null || isset($seen[$key]) ? null : $this->trial->computed($edited);
            if ($edited === null || $after === null) {
                continue;
            }
            $seen[$key] = true;
            $then = $this->warnings($edited, $after);
            if (! self::cures($warning, $before, $then) || $this->trial->isSpent()) {
                continue;
            }
            $remedy = new Remedy(
                $proposal->label,
                $proposal->first.Difference::between($result, $after, $warning, $before, $then, $edited),
                $proposal->edit,
            );
            self::isShortOfMore($before, $then) ? $spoiling[$proposal->place][] = $remedy : $remedies[$proposal->place][] = $remedy;
        }
        // What makes something else short is offered only where nothing better is found.
        $offered = $remedies === [] ? $spoiling : $remedies;
        ksort($offered);

        return array_merge(...array_values($offered));
    }

    /**
     * @param  list<Warning>  $before
     * @param  list<Warning>  $then
     */
    private static function cures(Warning $warning, array $before, array $then): bool
    {
        [$stood, $stands] = [self::keys($before), self::keys($then)];
        // Of several warnings of a rule under one sentence a remedy may mend one.
        $isFewer = fn (string $key): bool => ($stands[$key] ?? 0) < max(1, $stood[$key] ?? 1);

        return array_filter($warning->keys(), fn (string $key): bool => ! $isFewer($key)) === [];
    }

    /**
     * @param  list<Warning>  $before
     * @param  list<Warning>  $then
     */
    private static function isShortOfMore(array $before, array $then): bool
    {
        return array_diff(self::shortOf($then), self::shortOf($before)) !== [];
    }

    /**
     * @param  list<Warning>  $warnings
     * @return list<string> materials that there is not enough of, by id
     */
    private static function shortOf(array $warnings): array
    {
        return array_merge(
            ...array_map(fn (Warning $one): array => $one->rule === RollsAreTooFew::RULE ? $one->materials : [], $warnings),
        );
    }

    /**
     * @param  list<Warning>  $warnings
     * @return array<string, int> how many there are of each key
     */
    private static function keys(array $warnings): array
    {
        return array_count_values(array_merge(...array_map(fn (Warning $one): array => $one->keys(), $warnings)));
    }
}
