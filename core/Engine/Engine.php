<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Advice\Advisor;
use Davrin\Core\Advice\Proposal;
use Davrin\Core\Advice\Trial;
use Davrin\Core\Compute\PlanComputation;
use Davrin\Core\Compute\RollComputation;
use Davrin\Core\Compute\RunYields;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollPlanner;

/** Works a plan out and looks it over. The same plan always gives the same result: no clock, no chance, no database. */
final readonly class Engine
{
    /** The rule that says so where the search for remedies was cut short. */
    public const CUT_SHORT = 'cut-short';

    private function __construct(
        private PlanComputation $planWork,
        private RollComputation $meshWork,
        private RunYields $yields,
        private PlanReader $reader,
    ) {}

    public static function standard(Craft $craft): self
    {
        $planner = new RollPlanner;
        $meshWork = new RollComputation($planner);

        return new self(new PlanComputation($meshWork), $meshWork, new RunYields($planner), new PlanReader($craft));
    }

    /**
     * The result without a word of advice, where nobody asks what could be better.
     *
     * @param  ?Effort  $account  what it took is spent here
     */
    public function figures(Plan $plan, ?Effort $account = null): Result
    {
        $effort = Effort::of(PlanComputation::STEPS);
        $result = $this->planWork->of($plan, $effort);
        $account?->spend($effort->spent());

        return $result;
    }

    /** The result with its warnings, where nobody asks for remedies. */
    public function warned(Plan $plan, Thoroughness $how = Thoroughness::Thorough): Result
    {
        $effort = Effort::of(PlanComputation::STEPS);
        $result = $this->planWork->of($plan, $effort);

        return $result->advised((new Advisor($this->trial($how, $effort->spent())))->told($plan, $result));
    }

    /**
     * The whole result, with advice and remedies.
     *
     * @param  ?Effort  $account  what it took is spent here
     * @param  Thoroughness  $how  how long remedies are looked for; all else comes out the same
     */
    public function work(Plan $plan, ?Effort $account = null, Thoroughness $how = Thoroughness::Thorough): Result
    {
        $effort = Effort::of(PlanComputation::STEPS);
        $result = $this->planWork->of($plan, $effort);
        $trial = $this->trial($how, $effort->spent());
        $advice = (new Advisor($trial))->advice($plan, $result);
        $tried = Effort::of(RunYields::STEPS);
        $yields = $this->yields->of($plan, $result, $tried);
        $account?->spend($effort->spent() + $trial->spent() + $tried->spent());

        // Where nothing is wrong, nothing is left untried; but what is looked for at once is looked for again, and may be found then.
        $isCutShort = $trial->wasCutShort() && ($advice !== [] || $how === Thoroughness::AtOnce);

        return $result->advised($isCutShort ? [...$advice, self::cutShort($plan, $how, $advice === [])] : $advice, $yields);
    }

    /**
     * An edit as a remedy for materials that are not enough, where they are after it: for what only the shelf knows of.
     *
     * @param  array<string, string>  $fill  what to write in which blanks, by address
     * @param  non-empty-list<string>  $materials  by id
     */
    public function remedy(Plan $plan, Result $result, string $label, array $fill, array $materials): ?Remedy
    {
        $advisor = new Advisor($this->trial(Thoroughness::AtOnce, 0));

        return $advisor->remedyForRolls($plan, $result, Proposal::filling([$label, $fill]), $materials);
    }

    /** @param  int  $took  how many steps the plan itself took */
    private function trial(Thoroughness $how, int $took): Trial
    {
        return new Trial($how->steps(), $took, $this->planWork, $this->meshWork, $this->reader);
    }

    /** What was left out is said. */
    private static function cutShort(Plan $plan, Thoroughness $how, bool $isAllWell): Advice
    {
        $part = $plan->parts[count($plan->parts) - 1];
        if ($isAllWell) {
            $sentence = 'Nothing is wrong so far. Davrin goes on looking whether fewer rolls would do.';

            return new Advice(self::CUT_SHORT, "parts.$part->id", [], 'Not all was looked at yet.', $sentence, [], []);
        }
        $sentence = match ($how) {
            Thoroughness::AtOnce => 'The warnings are true; there may be more ways to mend them. Davrin goes on looking.',
            default => 'This plan is so large that the search for remedies was stopped. The warnings are true, but '
                .'there may be more ways to mend them.',
        };

        return new Advice(self::CUT_SHORT, "parts.$part->id", [], 'Not every remedy was tried.', $sentence, [], []);
    }
}
