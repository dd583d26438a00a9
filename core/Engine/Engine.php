<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Advice\FullnessIsOff;
use Davrin\Core\Advice\LastRollGivesLittle;
use Davrin\Core\Advice\LotsDoNotMatch;
use Davrin\Core\Advice\Remedies;
use Davrin\Core\Advice\Remedy;
use Davrin\Core\Advice\RollsAreTooFew;
use Davrin\Core\Advice\RollsAreUsedUp;
use Davrin\Core\Advice\Rule;
use Davrin\Core\Advice\StrandsCouldEndSooner;
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
    private function __construct(private PlanWork $planWork, private Remedies $remedies, private array $rules) {}

    public static function standard(Craft $craft): self
    {
        $meshWork = new MeshWork(new RollPlanner);
        $planWork = new PlanWork($meshWork);
        $trial = new Trial($planWork, $meshWork, new PlanReader($craft));
        $remedies = new Remedies($trial);

        return new self($planWork, $remedies, [
            new RollsAreTooFew($remedies), new RollsAreUsedUp($remedies), new TechniqueDoubts($trial), new LastRollGivesLittle($trial),
            new StrandsCouldEndSooner($trial), new LotsDoNotMatch($trial), new FullnessIsOff($trial), new TooDeepForItsRoom($trial),
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

    /**
     * An edit as a remedy for meshes that are not enough, where they are after it: for what only the shelf knows of.
     *
     * @param  array<string, string>  $fill  what to write in which blanks, by address
     * @param  non-empty-list<string>  $meshes  by id
     */
    public function remedy(Plan $plan, Result $result, string $label, array $fill, array $meshes): ?Remedy
    {
        return $this->remedies->ifEnough($plan, $result, $label, $fill, $meshes);
    }
}
