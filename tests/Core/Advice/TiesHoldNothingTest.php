<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Advice\TiesHoldNothing;
use Davrin\Core\Result\Advice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

final class TiesHoldNothingTest extends PlanCase
{
    /** @return iterable<string, array{array<string, mixed>, ?string, list<string>}> */
    public static function plans(): iterable
    {
        $bundles = ['kind' => 'rolled-bundle', 'length' => '10 in', 'stem' => 'half'];
        $strips = ['kind' => 'wrapped-strips', 'length' => '16 in'];
        yield 'bundles bring their own' => [
            ['parts' => [$bundles]],
            'Ties 1 to 18 each take a whole stem, and the rolled bundles there are held by what they bring.',
            ['Make no ties beforehand', 'Let the ties hold them'],
        ];
        yield 'on some of the ties' => [
            ['parts' => [['on' => 'row 2'] + $bundles, ['kind' => 'ruffle', 'on' => 'row 1']]],
            'Ties 7 to 18 each take a whole stem, and the rolled bundles there are held by what they bring.',
            ['Let the ties hold them'],
        ];
        yield 'on ties that came with the form' => [
            ['form' => ['kind' => 'pre-tied-ring'], 'parts' => [$bundles]],
            'Ties 1 to 18 each take the stem that is on it, and the rolled bundles there are held by what they bring.',
            ['Let the ties hold them'],
        ];
        yield 'strips on stems' => [
            ['parts' => [$strips]],
            'Ties 1 to 18 each take a whole stem, and the wrapped strips there are held by what they bring.',
            ['Make no ties beforehand', 'Let the ties hold them'],
        ];
        yield 'strips that are the zip ties of their ties' => [
            ['ties' => [['layout' => 'n-a-section', 'stem' => 'zip-tie']], 'parts' => [$strips]], null, [],
        ];
        yield 'what hangs there already needs the ties' => [['parts' => [['kind' => 'ruffle'], $bundles]], null, []];
        yield 'no ties are made' => [['ties' => [['layout' => 'n-a-section', 'stem' => 'none']], 'parts' => [$bundles]], null, []];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $labels
     */
    #[DataProvider('plans')]
    public function test_stems_that_hold_nothing_are_said_and_mended_by_one_click(array $document, ?string $sentence, array $labels): void
    {
        $advice = array_values(array_filter(
            $this->work($document + ['materials' => [['label' => 'measured']]])->advice,
            fn (Advice $advice): bool => $advice->rule === TiesHoldNothing::RULE,
        ))[0] ?? null;
        $this->assertSame($sentence, $advice?->sentence);
        $this->assertSame($labels, array_column($advice->remedies ?? [], 'label'));
        foreach ($advice->remedies ?? [] as $remedy) {
            $this->assertStringContainsString('stems', $remedy->effect);
        }
    }
}
