<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Folders use only folders in layers below their own, as docs/how-it-works.md draws them. */
final class LayersTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[TestWith(['core', 'Davrin\\Core'])]
    #[TestWith(['app', 'App'])]
    public function test_no_folder_uses_one_beside_or_above_it(string $folder, string $namespace): void
    {
        $layers = $this->drawn($folder);
        $upward = [];
        foreach ($this->uses($folder, $namespace) as $from => $used) {
            foreach ($used as $to => $by) {
                if (($layers[$to] ?? -1) <= ($layers[$from] ?? -1)) {
                    $upward[] = "$from uses $to: ".implode(', ', array_unique($by));
                }
            }
        }
        $this->assertSame([], $upward);
    }

    #[TestWith(['core'])]
    #[TestWith(['app'])]
    public function test_every_folder_is_drawn_and_every_file_is_in_one(string $folder): void
    {
        $folders = array_map(basename(...), glob(self::ROOT."/$folder/*", GLOB_ONLYDIR) ?: []);
        $this->assertEqualsCanonicalizing($folders, array_keys($this->drawn($folder)));
        $this->assertSame([], glob(self::ROOT."/$folder/*.php"));
    }

    #[TestWith(['core'])]
    #[TestWith(['app'])]
    public function test_no_line_is_longer_than_a_screen_is_wide(string $folder): void
    {
        $long = [];
        foreach ($this->files($folder) as $path => $code) {
            foreach (array_keys(preg_grep('/^.{141}/u', explode("\n", $code)) ?: []) as $line) {
                $long[] = $path.':'.($line + 1);
            }
        }
        $this->assertSame([], $long);
    }

    public function test_uses_are_found(): void
    {
        $this->assertArrayHasKey('Blank', $this->uses('core', 'Davrin\\Core')['Form']);
        $this->assertGreaterThan($this->drawn('core')['Form'], $this->drawn('core')['Blank']);
    }

    public function test_every_class_of_the_glossary_is_there(): void
    {
        preg_match_all('/^\|.*\|(.*)\|$/m', (string) file_get_contents(self::ROOT.'/docs/glossary.md'), $rows);
        preg_match_all('/`([\w\\\\]+)`/', implode("\n", $rows[1]), $found);
        $paths = array_keys([...iterator_to_array($this->files('core')), ...iterator_to_array($this->files('app'))]);
        $missing = array_filter($found[1], function (string $class) use ($paths): bool {
            $path = '/'.str_replace('\\', '/', $class);

            return array_filter(
                $paths,
                fn (string $there): bool => str_ends_with($there, "$path.php") || str_contains($there, "$path/"),
            ) === [];
        });
        $this->assertGreaterThan(80, count($found[1]));
        $this->assertSame([], array_values($missing));
    }

    /** @return array<string, int> the layer of each folder, by its name; the uppermost is 0 */
    private function drawn(string $folder): array
    {
        $this->assertSame(
            1,
            preg_match('/^```\n'.$folder.'\/\n(.+?)^```$/ms', (string) file_get_contents(self::ROOT.'/docs/how-it-works.md'), $found),
        );
        $layers = [];
        foreach (explode("\n", trim($found[1])) as $layer => $names) {
            $layers += array_fill_keys(preg_split('/\s+/', trim($names)) ?: [], $layer);
        }

        return $layers;
    }

    /** @return array<string, array<string, list<string>>> by folder the folders that it uses, with the files that do */
    private function uses(string $folder, string $namespace): array
    {
        $uses = [];
        foreach ($this->files($folder) as $path => $code) {
            $from = explode('/', substr($path, strlen("$folder/")))[0];
            preg_match_all('/(?<![\w\\\\])\\\\?'.preg_quote($namespace, '/').'\\\\(\w+)\\\\\w/', $code, $found);
            foreach (array_diff($found[1], [$from]) as $to) {
                $uses[$from][$to][] = $path;
            }
        }

        return $uses;
    }

    /** @return iterable<string, string> the code of every file, by its path */
    private function files(string $folder): iterable
    {
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT."/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen(self::ROOT) + 1) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
