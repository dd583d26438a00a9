<?php

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Two machines get the same Davrin: every package is pinned, and those that are installed are the pinned ones. */
final class PinsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/davrin-pins-'.bin2hex(random_bytes(6));
        mkdir("$this->folder/bin", recursive: true);
        mkdir("$this->folder/vendor/composer", recursive: true);
        copy(dirname(__DIR__, 2).'/bin/pins', "$this->folder/bin/pins");
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function test_what_is_installed_is_what_is_pinned(): void
    {
        $this->assertSame([0, ''], $this->pins(dirname(__DIR__, 2)));
    }

    public function test_every_kind_of_difference_is_named(): void
    {
        $package = fn (string $version): array => ['pretty_version' => $version];
        file_put_contents("$this->folder/composer.json", (string) json_encode([
            'name' => 'a/project',
            'require' => ['php' => '^8.2', 'ext-zip' => '*', 'b/same' => '1.2.0', 'c/other' => '1.2.0', 'd/open' => '^1.0', 'e/missing' => '3.0.1'],
            'require-dev' => ['f/tool' => '2.0'],
        ]));
        file_put_contents("$this->folder/vendor/composer/installed.php", '<?php return '.var_export(['versions' => [
            'a/project' => $package('dev-main'), 'b/same' => $package('v1.2.0'), 'c/other' => $package('1.3.0'), 'd/open' => $package('1.0.0'),
            'f/tool' => $package('2.0'), 'g/brought-along' => $package('0.1.0'), 'h/replaced' => ['replaced' => ['*']],
        ]], true).';');
        $this->assertSame([1, <<<'SAID'
            c/other is 1.3.0, and composer.json pins 1.2.0
            d/open is not pinned to one version: composer.json says "^1.0"
            e/missing 3.0.1 is not installed
            g/brought-along 0.1.0 is installed, and composer.json does not pin it

            SAID], $this->pins($this->folder));
    }

    public function test_scripts_and_styles_are_pinned_too(): void
    {
        $package = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/package.json'), true);
        foreach ($package['devDependencies'] + ($package['dependencies'] ?? []) as $name => $version) {
            $this->assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/', $version, $name);
        }
    }

    /** @return array{?int, string} */
    private function pins(string $folder): array
    {
        $run = new Process(['php', "$folder/bin/pins"]);
        $run->run();

        return [$run->getExitCode(), $run->getOutput()];
    }
}
