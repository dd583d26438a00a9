<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Advice\FullnessIsOff;
use Davrin\Core\Advice\LastRollGivesLittle;
use Davrin\Core\Advice\Remedies;
use Davrin\Core\Advice\RollsAreTooFew;
use Davrin\Core\Advice\RollsAreUsedUp;
use Davrin\Core\Advice\Rule;
use Davrin\Core\Advice\TechniqueDoubts;
use Davrin\Core\Advice\TooDeepForItsRoom;
use Davrin\Core\Advice\Trial;
use Davrin\Core\Craft;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollPlanner;

/** Works a plan out and looks it over. The same plan always gives the same result: no clock, no chance, no database. */
final readonly class Engine
{
    /** @param  list<Rule>  $rules */
    private function __construct(private PlanWork $planWork, private array $rules) {}

    public static function standard(Craft $craft): self
    {
        $meshWork = new MeshWork(new RollPlanner);
        $planWork = new PlanWork($meshWork);
        $trial = new Trial($planWork, $meshWork, new PlanReader($craft));
        $remedies = new Remedies($trial);

        return new self($planWork, [
            new RollsAreTooFew($remedies), new RollsAreUsedUp($remedies), new TechniqueDoubts($trial), new LastRollGivesLittle($trial),
            new FullnessIsOff($trial), new TooDeepForItsRoom($trial),
        ]);
    }

    /** The whole result, with advice and remedies. */
    public function work(Plan $plan): Result
    {
        $result = $this->planWork->of($plan);
        $advice = [];
        foreach ($this->rules as $rule) {
            array_push($advice, ...$rule->look($plan, $result));
        }

        return $result->advised($advice);
    }
}
