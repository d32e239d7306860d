<?php

declare(strict_types=1);

// Measures from a key press to the painted drawing in a real browser: php tests/Browser/bench.php ADDRESS

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Rinkel\Tests\Browser\Stage;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const MEASURE = <<<'JS'
    window.times = [];
    let pressed = 0;
    document.addEventListener('keydown', () => { pressed = performance.now(); }, true);
    document.addEventListener('htmx:afterSwap', () => {
        const from = pressed;
        if (from) {
            pressed = 0;
            // The frame after the one in which the drawing was put in place: it is painted then.
            requestAnimationFrame(() => setTimeout(() => window.times.push(performance.now() - from), 0));
        }
    });
    JS;

/**
 * @return list<float> in ms, smallest first
 */
function pressed(RemoteWebDriver $driver, string $address, string $pattern, int $runs): array
{
    $driver->get($address.'/new');
    $driver->findElement(WebDriverBy::id('new-girth'))->sendKeys('16');
    $driver->findElement(WebDriverBy::cssSelector('button[value=square-knot-band]'))->click();
    for ($i = 0; $i < 200 && true !== $driver->executeScript(
        'return !!document.querySelector("#pattern") && document.readyState === "complete"',
    ); ++$i) {
        usleep(20_000);
    }
    $driver->executeScript(
        'const t = document.querySelector("#pattern"); t.value = '.json_encode($pattern).'; t.dispatchEvent(new Event("input", {bubbles: true}));',
    );
    usleep(1_500_000);
    $driver->executeScript(MEASURE);
    $field = $driver->findElement(WebDriverBy::id('wearer-girth'));
    $field->click();
    $field->clear();
    $field->sendKeys('16.');
    for ($i = 0; $i < $runs; ++$i) {
        $driver->getKeyboard()->sendKeys((string) ($i % 9 + 1));
        wait($driver);
        $driver->executeScript('document.activeElement.value = "16."');
    }
    $times = $driver->executeScript('return window.times');
    $times = array_map(
        static fn (mixed $time): float => is_numeric($time) ? (float) $time : 0.0,
        is_array($times) ? array_values($times) : [],
    );
    sort($times);

    return array_slice($times, 0);
}

function wait(RemoteWebDriver $driver): void
{
    $before = $driver->executeScript('return window.times.length');
    for ($i = 0; $i < 200 && $driver->executeScript('return window.times.length') === $before; ++$i) {
        usleep(5_000);
    }
}

$address = $argv[1] ?? '';
$driver = Stage::browser();
foreach ([
    '60 segments' => ['(2 square, 1 half left) x 20', 100],
    '1 000 knots' => ['500 square, 500 half left', 60],
] as $name => [$pattern, $runs]) {
    $times = pressed($driver, $address, $pattern, $runs);
    printf(
        "key press to painted drawing, %-12s median %6.1f ms   p95 %6.1f ms   (%d runs)\n",
        $name,
        $times[intdiv(count($times), 2)] ?? 0,
        $times[(int) floor(0.95 * count($times))] ?? 0,
        count($times),
    );
}
