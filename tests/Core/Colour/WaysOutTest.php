<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Result\Advice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

/** Where like meets like, or numbers do not add up, there is a way out that works, or it is said what it would need. */
final class WaysOutTest extends PlanCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mended(): iterable
    {
        $ring = fn (array $part, array $more = []): array => $more + ['parts' => [['length' => '18 in', ...$part]]];
        $five = ['form' => ['kind' => 'ring', 'crossbars' => 5]];
        yield 'four in turn on six and twelve' => [
            $ring(['order' => 'in-turn', 'material' => ['m1', 'm2', 'm3', 'm4']]), 'across-rows', 'Swap ties 3 and 4',
        ];
        yield 'an uneven row that alternates leaves one bare' => [
            $ring(['order' => 'alternating', 'material' => ['m1: 3', 'm2: 2'], 'on' => 'row 1'], $five), 'alike', '4 ties, tie 5 left bare',
        ];
        yield 'numbers that cannot be kept apart are evened' => [
            ['form' => ['kind' => 'rectangle']] + $ring([
                'order' => 'by-count-crossbars', 'material' => ['m1: 7', 'm2: 1', 'm3: 4'], 'painted' => ['5, 6 and 7: m1'],
            ]),
            'alike', '4 First + 4 Second + 4 Third',
        ];
        yield 'painted ties that cannot alternate' => [
            $ring(['order' => 'alternating', 'material' => ['m1: 6', 'm2: 6'], 'on' => 'row 2', 'painted' => ['7 and 8: m1']]),
            'alike', 'Take the paint off',
        ];
        yield 'every third does not close on ten' => [
            $ring(['order' => 'every-3', 'material' => ['m1', 'm2'], 'on' => 'row 2'], $five), 'seam', 'As many of each, spread evenly',
        ];
        yield 'two in turn on five and ten' => [
            $ring(['order' => 'in-turn', 'material' => ['m1', 'm2']], $five), 'seam', '4 ties, tie 5 left bare',
        ];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('mended')]
    public function test_it_is_mended_by_one_click(array $document, string $rule, string $label): void
    {
        $advice = $this->ofRule($document, $rule);
        $this->assertNotNull($advice);
        $labels = array_column($advice->remedies, 'label');
        $this->assertNotSame([], array_filter($labels, fn (string $its): bool => str_starts_with($its, $label)), implode(', ', $labels));
    }

    public function test_two_meshes_that_cannot_be_parted_say_so(): void
    {
        $advice = $this->ofRule(['parts' => [['length' => '18 in', 'order' => 'in-turn', 'material' => ['m1', 'm2']]]], 'across-rows');
        $this->assertSame([], $advice?->remedies);
        $this->assertStringEndsWith('With two meshes some always meet on these rows. A third gives room to part them.', $advice->sentence);
    }

    /** @param  array<string, mixed>  $document */
    private function ofRule(array $document, string $rule): ?Advice
    {
        $materials = array_map(
            fn (int $number, string $name): array => ['id' => "m$number", 'name' => $name, 'label' => 'measured'],
            [1, 2, 3, 4],
            ['First', 'Second', 'Third', 'Fourth'],
        );
        $advice = $this->work($document + ['materials' => $materials])->advice;

        return array_values(array_filter($advice, fn (Advice $its): bool => $its->rule === $rule))[0] ?? null;
    }
}
