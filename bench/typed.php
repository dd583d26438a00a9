<?php

// From the Enter key in a blank to the frame in which its figures are seen, in headless Chromium.

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

require __DIR__.'/../vendor/autoload.php';

[, $base] = $argv;
const TURNS = 24;
const FIRST = 4;

$driver = trim((string) shell_exec('command -v chromedriver'));
if ($driver === '') {
    echo "typed to seen is not measured: Chromium and its driver are not installed (bin/setup --browser)\n";
    exit(0);
}
$profile = sys_get_temp_dir().'/davrin-bench-'.bin2hex(random_bytes(6));
$options = (new ChromeOptions)->addArguments([
    '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
    '--disable-component-update', '--disable-sync', '--window-size=1280,800', "--user-data-dir=$profile",
]);
$socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$browser = ChromeDriver::start(
    DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
    new ChromeDriverService($driver, $port, ["--port=$port"]),
);
try {
    $browser->get("$base/plans");
    foreach (['Band door, teal and gold' => ['parts-outer-length', '18 ties', 120], 'Pavilion, six layers' => ['parts-l3-length', 'six layers', 250]] as $name => [$blank, $words, $aim]) {
        $browser->get("$base/plans");
        $browser->findElement(WebDriverBy::linkText($name))->click();
        $browser->executeScript(<<<'JS'
            window.took = [];
            let typed = 0;
            document.addEventListener('keydown', (event) => { typed = event.key === 'Enter' ? performance.now() : typed; }, true);
            document.addEventListener('htmx:afterSettle', (event) => typed && requestAnimationFrame(() => setTimeout(() => {
                typed && window.took.push(performance.now() - typed);
                typed = 0;
            })));
        JS);
        for ($turn = 0; $turn < TURNS; $turn++) {
            $field = $browser->findElement(WebDriverBy::id("blank-$blank"));
            // Enter leaves what stands there marked, so that the next is written over it.
            $turn > 0 || $field->click();
            $field->sendKeys(['8 1/8 in', '8 1/4 in', '18 1/2 in', '19 in'][$turn % 2 + ($blank === 'parts-outer-length' ? 2 : 0)].WebDriverKeys::ENTER);
            for ($until = microtime(true) + 10; $browser->executeScript('return window.took.length') <= $turn && microtime(true) < $until; usleep(20_000)) {
            }
        }
        $took = array_slice($browser->executeScript('return window.took'), FIRST);
        sort($took);
        printf("typed to seen, %-10s median %6.1f ms   95th %6.1f ms   (aim: at most %d ms)\n", $words, $took[intdiv(count($took), 2)], $took[intdiv(95 * count($took), 100)], $aim);
    }
} finally {
    $browser->quit();
    exec('rm -rf '.escapeshellarg($profile));
}
