<?php

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Davrin with its demo data, served as it is served, in a real browser. Each test begins with the demo and in a window anew. */
abstract class BrowserCase extends TestCase
{
    private const PATIENCE = 10.0;

    /** To start one takes longer than most tests. */
    private static ?ChromeDriver $running = null;

    protected ChromeDriver $browser;

    protected string $url;

    protected function setUp(): void
    {
        $server = DemoServer::fresh();
        $this->url = $server->url;
        self::waitUntil($server->answers(...), 'the server');
        $this->browser = self::$running ??= self::start();
        $this->beginAnew();
    }

    /** In a window of its own, with nothing kept from before. */
    private function beginAnew(): void
    {
        $others = $this->browser->getWindowHandles();
        $this->browser->switchTo()->newWindow();
        $own = $this->browser->getWindowHandle();
        foreach ($others as $other) {
            $this->browser->switchTo()->window($other)->close();
        }
        $this->browser->switchTo()->window($own);
        $this->command('Storage.clearDataForOrigin', ['origin' => $this->url, 'storageTypes' => 'all']);
        $this->command('Network.clearBrowserCache', []);
        $this->complaints();
        $this->resize(1280, 800);
    }

    protected function open(string $path): void
    {
        $this->browser->get($this->url.$path);
    }

    protected function element(string $css): WebDriverElement
    {
        return $this->browser->findElement(WebDriverBy::cssSelector($css));
    }

    /** @return list<string> the texts of all elements, as they are seen */
    protected function texts(string $css): array
    {
        return array_map(
            fn (WebDriverElement $element): string => trim((string) preg_replace('/\s+/', ' ', $element->getText())),
            $this->browser->findElements(WebDriverBy::cssSelector($css)),
        );
    }

    protected function blank(string $address): WebDriverElement
    {
        return $this->element('#blank-'.strtr($address, '.', '-'));
    }

    /** Goes to the blank as a maker does, which marks what it says, writes over it and presses Enter. */
    protected function type(string $address, string $text): void
    {
        $blank = $this->blank($address);
        if (! $this->browser->switchTo()->activeElement()->equals($blank)) {
            $blank->click();
        }
        $blank->sendKeys($text.WebDriverKeys::ENTER);
    }

    protected function press(string ...$keys): void
    {
        $this->browser->getKeyboard()->sendKeys($keys);
    }

    protected function script(string $script, mixed ...$arguments): mixed
    {
        return $this->browser->executeScript($script, $arguments);
    }

    protected function command(string $name, array $parameters): void
    {
        $this->browser->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $name, 'params' => (object) $parameters],
        );
    }

    protected function assertSoon(mixed $expected, Closure $seen): void
    {
        $last = null;
        self::waitUntil(function () use ($expected, $seen, &$last): bool {
            try {
                $last = $seen();
            } catch (StaleElementReferenceException|NoSuchElementException|UnknownErrorException) {
                // The page is on its way to another.
                return false;
            }

            return $last === $expected;
        }, function () use ($expected, &$last): string {
            return 'to see '.json_encode($expected).'; saw '.json_encode($last);
        });
        $this->addToAssertionCount(1);
    }

    /** @return list<string> what the browser complained of, but for answers that are meant to be refusals */
    protected function complaints(): array
    {
        $log = array_map(fn (array $entry): string => $entry['message'], $this->browser->manage()->getLog('browser'));

        return array_values(
            array_filter($log, fn (string $message): bool => ! str_contains($message, 'the server responded with a status of 4')),
        );
    }

    private static function start(): ChromeDriver
    {
        $profile = sys_get_temp_dir().'/davrin-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--lang=en-US', '--window-size=1280,800', "--user-data-dir=$profile",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', (object) ['browser' => 'WARNING']);
        $port = DemoServer::freePort();
        $browser = ChromeDriver::start(
            $capabilities,
            new ChromeDriverService((string) exec('command -v chromedriver'), $port, ["--port=$port"]),
        );
        register_shutdown_function(function () use ($browser, $profile): void {
            $browser->quit();
            (new Process(['rm', '-rf', $profile]))->run();
        });

        return $browser;
    }

    protected function resize(int $width, int $height): void
    {
        $this->command(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
        );
    }

    private static function waitUntil(Closure $done, string|Closure $what): void
    {
        for ($end = microtime(true) + self::PATIENCE; ! $done(); usleep(30_000)) {
            if (microtime(true) > $end) {
                self::fail('Waited in vain for '.(is_string($what) ? $what : $what()));
            }
        }
    }
}
