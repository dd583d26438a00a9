<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Guide\Chapter;
use Davrin\Core\Guide\FirstWreath;
use Davrin\Core\Guide\Glossary;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Guide\GuideText;
use Davrin\Core\Guide\LengthWords;
use Davrin\Core\Guide\Practice;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\BowPiece;
use LogicException;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class GuideTest extends PlanCase
{
    /** So many words in a row that two pages share were copied and only the names were changed. */
    private const COPIED = 8;

    public function test_every_kind_and_every_layout_has_a_page_that_teaches(): void
    {
        $craft = Craft::standard();
        $guide = Guide::of($craft);
        $this->assertSame([], array_diff([...array_keys($craft->parts), ...array_keys($craft->layouts)], array_keys($guide->pages)));
        foreach ($guide->pages as $page) {
            $this->assertGreaterThanOrEqual(4, count(array_unique(array_column($page->steps, 'drawn'))), $page->title);
            $this->assertNotContains($page->wrong->drawn, array_column($page->steps, 'drawn'), $page->title);
            $this->assertNotSame([], $page->called, $page->title);
            $this->assertNotSame([], $page->usual, $page->title);
            foreach ([$page->is, $page->not, $page->mend, $page->wrong->says, ...array_column($page->steps, 'says')] as $sentence) {
                $this->assertMatchesRegularExpression('/^["A-Z].{12,}[.!?]$/u', $sentence, $page->title);
            }
        }
    }

    #[TestWith(['strips of {12 to 20 in}, {1 1/2 in} wide', 'strips of 12 to 20 in, 1 1/2 in wide', 'strips of 30.5 to 51 cm, 4 cm wide'])]
    #[TestWith(['{4 1/2, 4 and 3 1/2 in} and {10 over 12 in}', '4 1/2, 4 and 3 1/2 in and 10 over 12 in', '11.5, 10 and 9 cm and 25.5 over 30.5 cm'])]
    #[TestWith(['fold {an inch|2.5 cm} back, 12 in all', 'fold an inch back, 12 in all', 'fold 2.5 cm back, 12 in all'])]
    public function test_lengths_are_told_in_the_units_of_the_house(string $written, string $inches, string $centimetres): void
    {
        $this->assertSame([$inches, $centimetres], [LengthWords::told($written, Units::Inches), LengthWords::told($written, Units::Metric)]);
    }

    public function test_who_measures_in_centimetres_reads_of_no_inch_anywhere_in_the_guide(): void
    {
        $guide = Guide::of(Craft::standard())->measuredIn(Units::Metric);
        $told = array_map(fn (GuidePage $page): string => implode(' ', [
            $page->is, $page->not, ...$page->usual, $page->twist ?? '', $page->mend, ...array_column([...$page->steps, $page->wrong], 'says'),
        ]), $guide->pages);
        $told['words'] = implode(' ', array_column(Glossary::words(Units::Metric), 'means'));
        $told['first'] = implode(' ', array_column(FirstWreath::steps(Units::Metric), 'says'));
        foreach ($told as $page => $words) {
            // "12 in all" are no inches.
            $this->assertDoesNotMatchRegularExpression('/[{}|]|\d in\b(?! all\b)|\binch|\byards?\b|\byd\b/', $words, (string) $page);
        }
        $this->assertStringContainsString('48.5 cm', $told['first']);
    }

    public function test_each_page_is_written_for_its_own_subject(): void
    {
        $known = [];
        foreach (Guide::of(Craft::standard())->pages as $page) {
            $words = array_map(
                fn (string $text): array => preg_split('/[^\p{L}\d\/]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [],
                [$page->is, $page->not, $page->twist ?? '', $page->mend, ...$page->usual, ...array_column([...$page->steps, $page->wrong], 'says')],
            );
            foreach ($words as $text) {
                for ($from = 0; $from + self::COPIED <= count($text); $from++) {
                    $run = implode(' ', array_slice($text, $from, self::COPIED));
                    $this->assertSame($page->key, $known[$run] ?? $page->key, "\"$run\" stands on two pages.");
                    $known[$run] = $page->key;
                }
            }
        }
    }

    #[TestWith(['cruffle', 'curled-ruffle'])]
    #[TestWith(['cruffles', 'curled-ruffle'])]
    #[TestWith(['Pipe Cleaner', 'chenille-stem'])]
    #[TestWith(['bubble', 'poof-run'])]
    #[TestWith(['spike', 'diagonal-bundle'])]
    #[TestWith(['spikes', 'diagonal-bundle'])]
    #[TestWith(['pancake', 'pancake'])]
    #[TestWith(['fishtail', 'dovetail'])]
    #[TestWith(['accordion fold', 'fan-fold'])]
    #[TestWith(['hot glue', 'glue-gun'])]
    #[TestWith(['storm door wreath', 'pancake'])]
    public function test_a_search_finds_it_by_whatever_it_is_called(string $sought, string $key): void
    {
        $this->assertSame($key, Guide::of(Craft::standard())->sought($sought)[0]->key ?? null);
    }

    public function test_a_search_for_nothing_or_for_what_nobody_says_finds_nothing(): void
    {
        $guide = Guide::of(Craft::standard());
        foreach (['', '   ', 'xylophone', '%'] as $sought) {
            $this->assertSame([], $guide->sought($sought), $sought);
        }
    }

    /** What a page says in figures is what the plan comes to. */
    public function test_the_figures_that_pages_name_are_those_that_are_worked_out(): void
    {
        $this->assertSame('18', (string) $this->figures($this->plan())->tally->ties->value);
        $this->assertSame('18 in', $this->figures($this->plan($this->everyday()))->tally->left->shown, '18 x 19 in off a roll of 10 yd');
        $bow = fn (array $more): float => array_sum(array_map(
            fn (BowPiece $piece): float => $piece->length()->toInches(),
            $this->workedOut($this->plan([
                'ties' => [], 'materials' => [[], ['id' => 'r', 'kind' => 'ribbon']], 'parts' => [['material' => ['r'], 'at' => 'middle'] + $more],
            ]))->parts[0]->bow,
        ));
        $this->assertSame(114.5, $bow(['kind' => 'looped-bow', 'loop' => '5 in', 'loops' => 4, 'tails' => ['16 in', '14 in']]));
        $laced = $this->plan([
            'ties' => [], 'materials' => [[], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [['kind' => 'laced-bow', 'material' => ['r'], 'at' => 'middle', 'strip' => '40 in', 'tail' => '8 in']],
        ]);
        $this->assertSame(6.0, $this->figures($laced)->parts[0]->bow[0]->loops[0]->toInches());
        foreach (['ruffle' => 1.0, 'folded-ruffle' => 1.2, 'curled-ruffle' => 1.5, 'crossed-curled-ruffles' => 3.0, 'poof-run' => 0.5] as $kind => $each) {
            $result = $this->figures($this->plan(['parts' => [['kind' => $kind]]]));
            $this->assertEqualsWithDelta($each * count($result->parts[0]->elements), array_column($result->build, 'minutes', 'key')['parts.l1'], 1e-9, $kind);
        }
    }

    public function test_each_step_of_the_work_leads_to_the_page_that_shows_it(): void
    {
        $guide = Guide::of(Craft::standard());
        $plan = $this->plan(['materials' => [[], ['id' => 'r', 'kind' => 'ribbon', 'frays' => 'frays']], 'parts' => [
            ['id' => 'a', 'material' => 'm1'], ['id' => 'b', 'kind' => 'ribbon-tails', 'material' => ['r'], 'cutting' => 'board'], ['id' => 's', 'kind' => 'sign'],
        ]]);
        $pages = array_column(array_map(
            fn (BuildStep $step): array => [$step->key, $guide->forStep($plan, $step)],
            $this->figures($plan)->build,
        ), 1, 0);
        $this->assertSame([
            'ties.t1' => 'inner-mid-two-outer', 'cut.m1' => 'mesh-from-the-roll', 'cut.r' => 'board', 'ends.b' => 'dovetail', 'frays.b' => 'heat-cutter',
            'parts.a' => 'ruffle', 'fluffing' => 'fluffing', 'stems' => 'stem-ends', 'parts.b' => 'ribbon-tails', 'parts.s' => 'sign',
            'hanger' => 'hanger', 'back' => 'open-back',
        ], array_filter(array_intersect_key($pages, array_flip([
            'ties.t1', 'cut.m1', 'cut.r', 'ends.b', 'frays.b', 'parts.a', 'fluffing', 'stems', 'parts.b', 'parts.s', 'hanger', 'back',
        ]))));
    }

    public function test_the_glossary_and_the_first_wreath_lead_to_pages_there_are(): void
    {
        $pages = Guide::of(Craft::standard())->pages;
        $words = array_column(Glossary::words(Units::Inches), 'word');
        $this->assertSame($words, array_unique($words));
        foreach (array_filter(array_column(Glossary::words(Units::Inches), 'page')) as $page) {
            $this->assertArrayHasKey($page, $pages);
        }
        $this->assertCount(12, FirstWreath::steps(Units::Inches));
        foreach (FirstWreath::steps(Units::Inches) as $step) {
            $this->assertSame([], array_diff($step['pages'], array_keys($pages)));
        }
    }

    public function test_every_caution_is_said_in_full_and_whatever_is_hot_or_sharp_bears_one(): void
    {
        $guide = Guide::of(Craft::standard());
        foreach (Caution::cases() as $caution) {
            $this->assertGreaterThan(strlen($caution->words()), strlen($caution->inFull()), $caution->value);
        }
        foreach (['glue-gun' => Caution::HotGlue, 'rotary-cutter' => Caution::Cutter, 'heat-cutter' => Caution::Flame, 'stapler' => Caution::Staples,
            'hanger' => Caution::Door, 'bells' => Caution::SmallParts, 'zip-tie' => Caution::ZipTies, 'wire-cutter' => Caution::Wire] as $page => $caution) {
            $this->assertContains($caution, $guide->pages[$page]->cautions, $page);
        }
    }

    #[TestWith([4.9, 'just as it should be'])]
    #[TestWith([3.0, 'is less than the 5 in'])]
    #[TestWith([10.0, 'you measured from tip to tip'])]
    public function test_a_first_try_is_held_against_what_was_to_be_expected(float $inches, string $says): void
    {
        $measured = Length::ofUnits((int) round($inches * Length::PER_INCH));
        $this->assertStringContainsString($says, Practice::reach(5.0, $measured, Units::Inches));
        $this->assertStringContainsString('Usual is 1 min', Practice::minutes(1.0, 2.0));
        $this->assertStringContainsString('Quicker', Practice::minutes(1.5, 1.0));
        $this->assertStringContainsString('Take your time', Practice::minutes(1.0, 9.0));
    }

    public function test_a_page_that_lacks_something_is_no_page(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'page');
        foreach (["is: A thing.\n", "What is this?\n", "is: A.\nis: B.\n", "luck: no\n"] as $text) {
            file_put_contents($file, $text);
            try {
                GuideText::read($file)->page('x', Chapter::Mesh, 'X', []);
                $this->fail($text);
            } catch (LogicException $why) {
                $this->assertStringContainsString($file, $why->getMessage());
            }
        }
        unlink($file);
    }
}
