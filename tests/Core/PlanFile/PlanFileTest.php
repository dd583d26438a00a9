<?php

declare(strict_types=1);

namespace Tests\Core\PlanFile;

use Davrin\Core\Craft\Craft;
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
        $once = $files->write($files->read("\u{FEFF}".'{"layers":[{"length":"1 ft 7 in"}],"version":1,"meshes":[{"price":"6.5","roll":"10 yd"}],"format":"davrin-plan"}'));
        $this->assertSame($once, $files->write($files->read($once)));
        $this->assertStringContainsString('"length": "19 in"', $once);
        $this->assertStringContainsString('"price": "6.50"', $once);
        $this->assertLessThan(strpos($once, '"layers"'), strpos($once, '"meshes"'));
    }

    public function test_metric_lengths_stay_metric(): void
    {
        $this->assertStringContainsString('"length": "47.5 cm"', $this->files()->write($this->plan(['layers' => [['length' => '475 mm']]])));
    }

    public function test_letters_of_any_language_stay_as_they_are(): void
    {
        $this->assertStringContainsString('"name": "Türkranz für Björn 🎺"', $this->files()->write($this->plan(['name' => 'Türkranz für Björn 🎺'])));
    }

    /** @return iterable<string, array{string, string, string}> the file, the pointer of its fault and what is said */
    public static function faulty(): iterable
    {
        $with = fn (string $rest): string => '{"format":"davrin-plan","version":1,'.$rest.'}';
        yield 'not JSON' => ['a plan', '', 'The file is not JSON (syntax error)'];
        yield 'nothing' => ['', '', 'not JSON'];
        yield 'a list' => ['[]', '', 'one JSON object'];
        yield 'another format' => ['{"format":"pattern"}', '/format', 'must be "davrin-plan"'];
        yield 'no format' => ['{}', '/format', 'not a plan file'];
        yield 'no version' => ['{"format":"davrin-plan"}', '/version', 'whole number from 1 to 1'];
        yield 'a version in words' => ['{"format":"davrin-plan","version":"one"}', '/version', 'whole number'];
        yield 'a newer version' => ['{"format":"davrin-plan","version":7,"meshes":[{}]}', '/version', 'This plan is of version 7, and this Davrin reads up to version 1. Update Davrin to open it.'];
        yield 'no mesh' => [$with('"name":"x"'), '', '"meshes" is missing here'];
        yield 'an empty list of meshes' => [$with('"meshes":[]'), '/meshes', 'at least 1'];
        yield 'too many meshes' => [$with('"meshes":['.implode(',', array_fill(0, 13, '{}')).']'), '/meshes', 'at most 12'];
        yield 'an unknown key' => [$with('"meshes":[{}],"sparkle":1'), '/sparkle', '"sparkle" is not known here. Known are: format, version, name'];
        yield 'an unknown key deep down' => [$with('"meshes":[{"name":"A","glitter":true}]'), '/meshes/0/glitter', '"glitter" is not known here'];
        yield 'a key with a slash' => [$with('"meshes":[{}],"a/b~c":1'), '/a~1b~0c', 'not known'];
        yield 'an unknown kind of form' => [$with('"meshes":[{}],"form":{"kind":"moon"}'), '/form/kind', 'must be one of ring'];
        yield 'a blank of another technique' => [$with('"meshes":[{}],"layers":[{"technique":"ruffle","pitch":"9 in"}]'), '/layers/0/pitch', '"pitch" is not known here'];
        yield 'a number for a length' => [$with('"meshes":[{"width":10}]'), '/meshes/0/width', 'a text in quotes, not a whole number'];
        yield 'a length without a unit' => [$with('"meshes":[{"width":"10"}]'), '/meshes/0/width', '"10" has no unit'];
        yield 'a negative length' => [$with('"meshes":[{}],"layers":[{"length":"-19 in"}]'), '/layers/0/length', 'between 2 in and 720 in; -19 in is not'];
        yield 'no length' => [$with('"meshes":[{}],"layers":[{"length":"0 in"}]'), '/layers/0/length', '0 in is not'];
        yield 'an absurd length' => [$with('"meshes":[{}],"layers":[{"length":"900 yd"}]'), '/layers/0/length', '32400 in is not'];
        yield 'a piece longer than a roll' => [$with('"meshes":[{}],"layers":[{"length":"400 in"}]'), '/layers/0/length', 'A piece takes 400 in, and a roll of Sage mesh has 360 in'];
        yield 'a price in words' => [$with('"meshes":[{"price":"cheap"}]'), '/meshes/0/price', 'not written the way it must be'];
        yield 'a colour by name' => [$with('"meshes":[{"colour":"teal"}]'), '/meshes/0/colour', 'not written the way'];
        yield 'a mesh that is not there' => [$with('"meshes":[{"id":"a"}],"layers":[{"mesh":"b"}]'), '/layers/0/mesh', 'The mesh can be a (Sage mesh); "b" is not one of them'];
        yield 'a row that is not there' => [$with('"meshes":[{}],"layers":[{"on":"row 3"}]'), '/layers/0/on', 'There is no row 3'];
        yield 'an id twice' => [$with('"meshes":[{"id":"a"},{"id":"a"}]'), '/meshes/1/id', 'stands twice'];
        yield 'a layer id twice' => [$with('"meshes":[{}],"layers":[{"id":"a"},{"id":"a"}]'), '/layers/1/id', 'stands twice'];
        yield 'an id with blanks' => [$with('"meshes":[{"id":"my mesh"}]'), '/meshes/0/id', 'not written the way'];
        yield 'nothing left of the roll' => [$with('"meshes":[{"roll":"6 in","trim":"6 in"}],"layers":[]'), '/meshes/0/trim', 'leave nothing of the roll'];
        yield 'nesting without end' => [str_repeat('[', 400).str_repeat(']', 400), '', 'nested more than'];
        yield 'ten megabytes of nesting' => [str_repeat('[', 5_000_000).str_repeat(']', 5_000_000), '', 'has 10,000,000 bytes'];
        yield 'a name of bytes that are no letters' => [$with("\"meshes\":[{}],\"name\":\"\xC3\x28\""), '', 'not JSON'];
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
        };
        $plan = (new PlanFile(Craft::standard(), [$upgrade]))->read('{"format":"davrin-plan","version":0,"mesh":{"name":"Old mesh"}}');
        $this->assertSame('Old mesh', $plan->meshes[0]->name());
        $this->assertSame(1, $plan->write()['version']);
    }

    private function files(): PlanFile
    {
        return new PlanFile(Craft::standard());
    }
}
