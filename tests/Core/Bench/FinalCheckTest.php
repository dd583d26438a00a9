<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\FinalCheck;
use Davrin\Core\Bench\FinalLook;
use Davrin\Core\Bench\Troubles;
use PHPUnit\Framework\Attributes\DataProvider;

final class FinalCheckTest extends BenchCase
{
    /**
     * @param  array<string, mixed>  $document
     * @return array<string, FinalLook> by what is looked at
     */
    private function looks(array $document, int $copy = 1): array
    {
        $piece = $this->begun($document, $copy)->pieces[$copy];

        return array_column(array_map(
            fn (FinalLook $look): array => [explode('/', $look->key)[1], $look],
            FinalCheck::of($piece)->looks,
        ), 1, 0);
    }

    public function test_each_piece_of_work_is_looked_over_by_itself(): void
    {
        foreach ($this->looks($this->everyday(), 2) as $look) {
            $this->assertSame(2, $look->copy);
            $this->assertStringStartsWith('2/', $look->key);
        }
    }

    public function test_the_counts_are_those_of_this_piece(): void
    {
        $looks = $this->looks($this->poofs());
        $this->assertSame(['24 ties were made, and 24 of 24 are used.', '24 poofs of Sage mesh.'], $looks['ties']->expected);
        $this->assertSame(['Poofs of Sage mesh: 4 in every section.'], $looks['spacing']->expected);
        $bare = $this->everyday();
        $bare['parts'] = [['otherwise' => ['3: bare', '7: bare']]];
        $looks = $this->looks($bare);
        $this->assertSame('18 ties were made, and 16 of 18 are used.', $looks['ties']->expected[0]);
        $this->assertStringContainsString('5 on row 1, 11 on row 2', $looks['ties']->expected[1]);
        $this->assertMatchesRegularExpression('/\d in section 1, \d in section 2/', $looks['spacing']->expected[0]);
    }

    public function test_a_form_of_one_section_is_not_counted_by_sections(): void
    {
        $this->assertArrayNotHasKey('spacing', $this->looks(['form' => ['kind' => 'stick'], 'materials' => [[]], 'parts' => [['length' => '10 in']]]));
    }

    public function test_what_one_mesh_has_no_seam_and_what_several_have_names_the_two_that_meet(): void
    {
        $this->assertArrayNotHasKey('seam', $this->looks($this->everyday()));
        $looks = $this->looks([
            'materials' => [['id' => 'a', 'name' => 'Sage'], ['id' => 'b', 'name' => 'Gold'], ['id' => 'c', 'name' => 'Plum']],
            'parts' => [['material' => ['a: 6', 'b: 6', 'c: 6'], 'order' => 'alternating']],
        ]);
        $this->assertCount(2, $looks['seam']->expected);
        foreach ($looks['seam']->expected as $sentence) {
            $this->assertMatchesRegularExpression('/^Tie \d+ has (Sage|Gold|Plum), tie \d+ beside it (Sage|Gold|Plum)\.$/', $sentence);
        }
    }

    public function test_weight_and_hook_are_told_as_far_as_they_are_known(): void
    {
        $this->assertSame('What it weighs is not known: lay it on the scale.', $this->looks($this->everyday())['hangs']->expected[0]);
        $this->assertStringContainsString('not known: look it up', $this->looks($this->everyday())['hangs']->expected[1]);
        $document = $this->everyday() + ['finish' => ['hook' => '2 kg']];
        $document['materials'][0]['weighs'] = '10 g per sq ft';
        $looks = $this->looks($document);
        $this->assertStringStartsWith('Weighs about ', $looks['hangs']->expected[0]);
        $this->assertStringStartsWith('The hook is rated for ', $looks['hangs']->expected[1]);
        $this->assertStringContainsString('local fire codes', $looks['hangs']->expected[2]);
    }

    public function test_only_what_hangs_by_its_end_is_looked_for_in_front_of_the_words(): void
    {
        $still = [['kind' => 'sign'], ['kind' => 'flowers']];
        $materials = [[], ['id' => 'gold', 'kind' => 'ribbon', 'name' => 'Gold']];
        $signed = array_replace($this->everyday(), ['materials' => $materials, 'parts' => [[], ...$still]]);
        $this->assertArrayNotHasKey('words', $this->looks($signed));
        $signed['parts'][] = ['kind' => 'streamers', 'material' => 'gold'];
        $this->assertSame(['Streamers of Gold.'], $this->looks($signed)['words']->expected);
    }

    #[DataProvider('demo')]
    public function test_whatever_a_plan_has_each_question_is_whole_and_leads_to_what_can_be_done(string $file): void
    {
        $now = $this->begun((array) json_decode((string) file_get_contents($file), true));
        $looks = FinalCheck::of($now->first())->looks;
        $this->assertGreaterThanOrEqual(5, count($looks));
        $this->assertSame(count($looks), count(array_unique(array_map(fn (FinalLook $look): string => $look->key, $looks))));
        foreach ($looks as $look) {
            $this->assertMatchesRegularExpression('/^[A-Z].*\?$/', $look->asked);
            $this->assertMatchesRegularExpression('/^[A-Z].*\.$/', $look->otherwise);
            $this->assertNotSame([], $look->expected);
            foreach ($look->expected as $sentence) {
                $this->assertMatchesRegularExpression('/^[A-Z0-9].*\.$/', $sentence);
            }
            if ($look->trouble !== null) {
                $this->assertArrayHasKey($look->trouble, Troubles::all());
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }
}
