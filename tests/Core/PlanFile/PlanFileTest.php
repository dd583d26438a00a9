<?php

declare(strict_types=1);

namespace Tests\Core\PlanFile;

use Davrin\Core\Craft\Craft;
use Davrin\Core\PlanFile\FromVersion1;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\PlanFile\PlanSchema;
use Davrin\Core\PlanFile\Upgrade;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Tests\Core\PlanCase;

final class PlanFileTest extends PlanCase
{
    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $path) {
            yield basename($path) => [(string) file_get_contents($path)];
        }
    }

    #[DataProvider('demoPlans')]
    public function test_a_canonical_file_that_is_loaded_and_saved_is_the_same_bytes(string $bytes): void
    {
        $this->assertSame($bytes, $this->files()->write($this->files()->read($bytes)));
    }

    #[DataProvider('demoPlans')]
    public function test_the_published_schema_takes_the_file(string $bytes): void
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/plan.schema.json');
        $this->assertTrue((new Validator)->validate(json_decode($bytes), $schema)->isValid());
    }

    public function test_the_published_schema_is_the_one_that_files_are_held_against(): void
    {
        $this->assertStringEqualsFile(dirname(__DIR__, 3).'/docs/plan.schema.json', (new PlanSchema(Craft::standard()))->text());
    }

    public function test_once_written_it_stays_the_same_whatever_way_it_was_written_first(): void
    {
        $files = $this->files();
        $once = $files->write(
            $files->read(
                "\u{FEFF}"
                    .'{"parts":[{"length":"1 ft 7 in"}],"version":2,"materials":[{"price":"6.5","roll":"10 yd"}],"format":"davrin-plan"}',
            ),
        );
        $this->assertSame($once, $files->write($files->read($once)));
        $this->assertStringContainsString('"length": "19 in"', $once);
        $this->assertStringContainsString('"price": "6.50"', $once);
        $this->assertLessThan(strpos($once, '"parts"'), strpos($once, '"materials"'));
    }

    public function test_metric_lengths_stay_metric(): void
    {
        $this->assertStringContainsString('"length": "47.5 cm"', $this->files()->write($this->plan(['parts' => [['length' => '475 mm']]])));
    }

    public function test_letters_of_any_language_stay_as_they_are(): void
    {
        $this->assertStringContainsString(
            '"name": "Türkranz für Björn 🎺"',
            $this->files()->write($this->plan(['name' => 'Türkranz für Björn 🎺'])),
        );
    }

    /** @return iterable<string, array{string, string, string}> the file, the pointer of its fault and what is said */
    public static function faulty(): iterable
    {
        $with = fn (string $rest): string => '{"format":"davrin-plan","version":2,'.$rest.'}';
        yield 'not JSON' => ['a plan', '', 'The file is not JSON (syntax error)'];
        yield 'nothing' => ['', '', 'not JSON'];
        yield 'a list' => ['[]', '', 'one JSON object'];
        yield 'another format' => ['{"format":"pattern"}', '/format', 'must be "davrin-plan"'];
        yield 'no format' => ['{}', '/format', 'not a plan file'];
        yield 'no version' => ['{"format":"davrin-plan"}', '/version', 'whole number from 1 to 2'];
        yield 'a version in words' => ['{"format":"davrin-plan","version":"one"}', '/version', 'whole number'];
        yield 'a newer version' => [
            '{"format":"davrin-plan","version":7,"materials":[{}]}',
            '/version',
            'This plan is of version 7, and this Davrin reads up to version 2. Update Davrin to open it.',
        ];
        yield 'no mesh' => [$with('"name":"x"'), '', '"materials" is missing here'];
        yield 'an empty list of meshes' => [$with('"materials":[]'), '/materials', 'a list of 1 to 40'];
        yield 'too many meshes' => [$with('"materials":['.implode(',', array_fill(0, 41, '{}')).']'), '/materials', 'a list of 41 is not'];
        yield 'more to cut from than a bench has room for' => [
            $with('"materials":['.implode(',', array_map(fn (int $n): string => "{\"id\":\"m$n\"}", range(1, 13))).']'),
            '/materials',
            'up to 12 meshes',
        ];
        yield 'an unknown key' => [
            $with('"materials":[{}],"sparkle":1'),
            '/sparkle',
            '"sparkle" is not known here. Known are: format, version, name',
        ];
        yield 'an unknown key deep down' => [
            $with('"materials":[{"name":"A","glitter":true}]'),
            '/materials/0/glitter',
            '"glitter" is not known here',
        ];
        yield 'a key with a slash' => [$with('"materials":[{}],"a/b~c":1'), '/a~1b~0c', 'not known'];
        yield 'an unknown kind of form' => [$with('"materials":[{}],"form":{"kind":"moon"}'), '/form/kind', 'must be one of ring'];
        yield 'a blank of another technique' => [
            $with('"materials":[{}],"parts":[{"kind":"ruffle","pitch":"9 in"}]'),
            '/parts/0/pitch',
            '"pitch" is not known here',
        ];
        yield 'a number for a length' => [
            $with('"materials":[{"width":10}]'),
            '/materials/0/width',
            '"width" must be a text in quotes, like "10 in"; 10 is not',
        ];
        yield 'a length without a unit' => [$with('"materials":[{"width":"10"}]'), '/materials/0/width', '"10" has no unit'];
        yield 'a negative length' => [
            $with('"materials":[{}],"parts":[{"length":"-19 in"}]'),
            '/parts/0/length',
            'between 2 in and 720 in; -19 in is not',
        ];
        yield 'no length' => [$with('"materials":[{}],"parts":[{"length":"0 in"}]'), '/parts/0/length', '0 in is not'];
        yield 'an absurd length' => [$with('"materials":[{}],"parts":[{"length":"900 yd"}]'), '/parts/0/length', '32400 in is not'];
        yield 'a piece longer than a roll' => [
            $with('"materials":[{}],"parts":[{"length":"400 in"}]'),
            '/parts/0/length',
            'A piece takes 400 in, and a roll of Sage mesh has 360 in',
        ];
        yield 'a price in words' => [$with('"materials":[{"price":"cheap"}]'), '/materials/0/price', 'The list price of a roll must be a text in quotes, like "6.50"; "cheap" is not'];
        yield 'a colour by name' => [$with('"materials":[{"colour":"teal"}]'), '/materials/0/colour', 'The colour must be a text in quotes, like "#7f9a76"; "teal" is not'];
        yield 'a mesh that is not there' => [
            $with('"materials":[{"id":"a"}],"parts":[{"material":"b"}]'),
            '/parts/0/material',
            'The mesh can be a (Sage mesh); "b" is not one of them',
        ];
        yield 'a row that is not there' => [$with('"materials":[{}],"parts":[{"on":"row 3"}]'), '/parts/0/on', 'There is no row 3'];
        yield 'an id twice' => [$with('"materials":[{"id":"a"},{"id":"a"}]'), '/materials/1/id', 'stands twice'];
        yield 'a layer id twice' => [$with('"materials":[{}],"parts":[{"id":"a"},{"id":"a"}]'), '/parts/1/id', 'stands twice'];
        yield 'an id with blanks' => [$with('"materials":[{"id":"my mesh"}]'), '/materials/0/id', '"id" must be a text in quotes, like "l1"; "my mesh" is not'];
        yield 'nothing left of the roll' => [
            $with('"materials":[{"roll":"6 in","trim":"6 in"}],"parts":[]'),
            '/materials/0/trim',
            'leave nothing of the roll',
        ];
        yield 'nesting without end' => [str_repeat('[', 400).str_repeat(']', 400), '', 'nested more than'];
        yield 'ten megabytes of nesting' => [str_repeat('[', 5_000_000).str_repeat(']', 5_000_000), '', 'has 10,000,000 bytes'];
        yield 'a name of bytes that are no letters' => [$with("\"materials\":[{}],\"name\":\"\xC3\x28\""), '', 'not JSON'];
    }

    #[DataProvider('faulty')]
    public function test_a_faulty_file_is_refused_with_the_pointer_of_its_fault(string $bytes, string $pointer, string $says): void
    {
        $this->assertFault($pointer, $says, fn () => $this->files()->read($bytes));
    }

    public function test_an_older_file_is_brought_up_to_date_on_load(): void
    {
        $upgrade = new class implements Upgrade
        {
            public function from(): int
            {
                return 0;
            }

            public function upgrade(stdClass $document): stdClass
            {
                $document->meshes = [$document->mesh];
                unset($document->mesh);

                return $document;
            }

            public function pointer(string $pointer, stdClass $document): string
            {
                return str_replace('/meshes/0', '/mesh', $pointer);
            }
        };
        $plan = (new PlanFile(Craft::standard(), [$upgrade, new FromVersion1]))->read('{"format":"davrin-plan","version":0,"mesh":{"name":"Old mesh"}}');
        $this->assertSame('Old mesh', $plan->wound()[0]->name());
        $this->assertSame(2, $plan->write()['version']);
    }

    private function files(): PlanFile
    {
        return new PlanFile(Craft::standard());
    }
}
