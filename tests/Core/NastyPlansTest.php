<?php

declare(strict_types=1);

namespace Tests\Core;

use Davrin\Core\Compute\PlanComputation;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Result\WoundResult;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every valid plan file comes out within its budget of steps, whatever is in it. bin/soak tries all of them, bin/test every seventh. */
final class NastyPlansTest extends TestCase
{
    /** The last turn of a search may go beyond what there was: a knapsack of the largest roll and the most sizes. */
    private const LAST_TURN = 12_000_000;

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function plans(): iterable
    {
        $number = 0;
        foreach (NastyPlans::all() as $name => $document) {
            if (getenv('NASTY') === 'all' || $number++ % 7 === 0) {
                yield $name => [$document];
            }
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('plans')]
    public function test_it_ends_within_its_steps_and_states_no_bound_that_it_betters(array $document): void
    {
        $plan = (new PlanFile(Craft::standard()))->read(NastyPlans::file($document));
        $account = Effort::of(PHP_INT_MAX);
        $result = Engine::standard(Craft::standard())->work($plan, $account, Thoroughness::AtOnce);
        $this->assertLessThan(PlanComputation::STEPS + Thoroughness::AtOnce->steps() + self::LAST_TURN, $account->spent());
        foreach ($result->wound as $mesh) {
            $this->assertNoBoundIsBettered($mesh);
        }
    }

    public function test_more_in_a_line_or_in_a_plan_than_a_maker_would_cut_is_refused_with_what_to_do(): void
    {
        $meshes = [['id' => 'm1'], ['id' => 'm2']];
        $bundle = ['kind' => 'rolled-bundle', 'material' => ['m1: 4', 'm2: 4'], 'length' => '9 in'];
        $ties = ['form' => ['crossbars' => 24], 'ties' => [['layout' => 'n-a-section', 'perSection' => 16]]];
        $this->assertRefused('That makes 3,072 pieces in one line', $ties + ['materials' => $meshes, 'parts' => [$bundle]]);
        $this->assertRefused(
            'That makes 6,144 pieces together',
            $ties + ['parts' => array_fill(0, 8, ['kind' => 'crossed-curled-ruffles', 'length' => '11 in'])],
        );
    }

    private function assertNoBoundIsBettered(WoundResult $mesh): void
    {
        $proof = $mesh->plan->proof;
        $this->assertNotNull($proof);
        $this->assertLessThanOrEqual(
            [
                $mesh->plan->unmetPieces,
                $mesh->plan->cents(),
                $mesh->plan->opened(),
            ], [$proof->unmet, $proof->cents, $proof->opened], $mesh->wound->name(),
        );
    }

    /** @param  array<string, mixed>  $document */
    private function assertRefused(string $says, array $document): void
    {
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        (new PlanFile(Craft::standard()))->read(NastyPlans::file($document));
    }
}
