<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Figure;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** A plan is the same in inches and in centimetres; only what is shown differs, and never by more than a step. */
final class UnitsAgreeTest extends PlanCase
{
    use RandomTrials;

    public function test_metric_and_inch_views_agree(): void
    {
        $kinds = array_keys(Craft::standard()->forms);
        $this->limitTo($this->trials(100))->forAll(
            Generators::elements(...$kinds),
            Generators::choose(48, 160),
            Generators::bool(),
        )->then(function (string $kind, int $eighths, bool $poofs): void {
            $length = LengthText::canonical(Length::inches(0, $eighths, 8));
            $plan = ['form' => ['kind' => $kind], 'parts' => [$poofs ? ['kind' => 'poof-run', 'pitch' => $length] : ['length' => $length]]];
            [$inches, $metric] = [$this->work($plan), $this->work(['settings' => ['units' => 'centimetres']] + $plan)];
            $this->assertSame($this->exact($inches), $this->exact($metric));
            foreach ($inches->wound as $index => $mesh) {
                $this->assertShownNear($mesh->used, $metric->wound[$index]->used, up: true);
                $this->assertShownNear($mesh->left, $metric->wound[$index]->left, up: false);
            }
        });
    }

    /** @return array<string, mixed> what does not depend on how it is shown */
    private function exact(Result $result): array
    {
        return [
            'tally' => [
                $result->tally->ties->value,
                $result->tally->elements->value,
                $this->used($result, 'stems'),
                $result->tally->minutes->value,
            ],
            'ties' => array_map(
                fn ($tie): string => sprintf(
                    '%d %d %.6f %.6f',
                    $tie->tie->number,
                    $tie->tie->section,
                    $tie->tie->place->x,
                    $tie->tie->place->y,
                ),
                $result->ties,
            ),
            'rolls' => array_map(
                fn ($mesh): array => [$mesh->used->value, $mesh->left->value, $mesh->rolls->value, $mesh->verdict->words()],
                $result->wound,
            ),
            'cost' => [$result->cost->byLength->value, $result->cost->opened->value],
        ];
    }

    private function assertShownNear(Figure $inches, Figure $metric, bool $up): void
    {
        $exact = LengthText::read((string) $inches->value, null)->units;
        foreach ([[$inches, intdiv(Length::PER_INCH, 8)], [$metric, 5 * Length::PER_MILLIMETRE]] as [$figure, $step]) {
            $over = LengthText::read($figure->shown, null)->units - $exact;
            $this->assertTrue($up ? $over >= 0 && $over < $step : $over <= 0 && $over > -$step, "$figure->shown for {$inches->value}");
        }
    }
}
