<?php

declare(strict_types=1);

// Measures from a key press to the painted drawing in a real browser, and where that time goes:
// php tests/Browser/bench.php ADDRESS

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
            const swapped = performance.now();
            document.querySelector('#board')?.getBoundingClientRect();
            const laid = performance.now();
            // The frame after the one in which the drawing was put in place: it is painted then.
            requestAnimationFrame(() => setTimeout(() => {
                const sent = performance.getEntriesByType('resource')
                    .filter((one) => /\/pieces\/\d+$/.test(one.name)).pop();
                performance.clearResourceTimings();
                const painted = performance.now();
                const server = sent?.serverTiming[0]?.duration ?? 0;
                window.times.push({
                    all: painted - from,
                    wait: sent.requestStart - from,
                    server,
                    transfer: sent.responseEnd - sent.requestStart - server,
                    swap: swapped - sent.responseEnd,
                    layout: laid - swapped,
                    paint: painted - laid,
                    bytes: sent.encodedBodySize,
                });
            }, 0));
        }
    });
    JS;

/**
 * @return list<array<string, float>> in ms, and bytes
 */
function pressed(RemoteWebDriver $driver, string $address, string $construction, string $pattern, int $runs): array
{
    $driver->get($address.'/new');
    $driver->findElement(WebDriverBy::id('new-girth'))->sendKeys('16');
    $button = '#families .is-around button[value='.$construction.']';
    $driver->executeScript('document.querySelector('.json_encode($button).').closest("details").open = true');
    $driver->findElement(WebDriverBy::cssSelector($button))->click();
    for ($i = 0; $i < 200 && true !== $driver->executeScript(
        'return !!document.querySelector("#pattern") && document.readyState === "complete"',
    ); ++$i) {
        usleep(20_000);
    }
    if ('' !== $pattern) {
        $driver->executeScript(
            'const t = document.querySelector("#pattern"); t.value = '.json_encode($pattern)
                .'; t.dispatchEvent(new Event("input", {bubbles: true}));',
        );
        usleep(1_500_000);
    }
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
    $measured = [];
    foreach (is_array($times) ? $times : [] as $one) {
        $measured[] = array_map(
            static fn (mixed $time): float => is_numeric($time) ? (float) $time : 0.0,
            is_array($one) ? $one : [],
        );
    }

    /** @var list<array<string, float>> $measured */
    return $measured;
}

function wait(RemoteWebDriver $driver): void
{
    $before = $driver->executeScript('return window.times.length');
    for ($i = 0; $i < 200 && $driver->executeScript('return window.times.length') === $before; ++$i) {
        usleep(5_000);
    }
}

/**
 * @param list<array<string, float>> $measured
 */
function share(array $measured, string $part, float $share): float
{
    $times = array_column($measured, $part);
    sort($times);

    return $times[(int) floor($share * (count($times) - 1))] ?? 0.0;
}

/**
 * Returns how long it takes at a board of 1 000 knots from a tap to the painted count, which waits for no server.
 */
function tapped(RemoteWebDriver $driver): string
{
    $driver->findElement(WebDriverBy::id('make-it'))->click();
    for ($i = 0; $i < 200 && true !== $driver->executeScript('return !!document.querySelector("#now")'); ++$i) {
        usleep(20_000);
    }
    $driver->executeScript(<<<'JS'
        window.times = [];
        document.addEventListener('keydown', () => {
            const from = performance.now();
            requestAnimationFrame(() => setTimeout(() => window.times.push({ all: performance.now() - from }), 0));
        }, true);
        JS);
    for ($i = 0; $i < 80; ++$i) {
        $driver->getKeyboard()->sendKeys(' ');
    }
    $times = $driver->executeScript('return window.times');
    $measured = array_map(
        static fn (mixed $one): array => [
            'all' => is_array($one) && is_numeric($one['all'] ?? null) ? (float) $one['all'] : 0.0,
        ],
        is_array($times) ? array_values($times) : [],
    );

    return sprintf(
        "tap to painted at the board                 median %6.1f ms   p95 %6.1f ms   (%d taps)\n",
        share($measured, 'all', 0.5),
        share($measured, 'all', 0.95),
        count($measured),
    );
}

$address = $argv[1] ?? '';
$driver = Stage::browser();
foreach ([
    '60 segments' => ['square-knot-band', '(2 square, 1 half left) x 20', 60],
    '1 000 knots' => ['square-knot-band', '500 square, 500 half left', 40],
    '62 sections' => ['bundled-wrap', '(bundle seed seed seed, 1 barrel 3) x 62', 40],
] as $name => [$construction, $pattern, $runs]) {
    $measured = pressed($driver, $address, $construction, $pattern, $runs);
    printf(
        "key press to painted drawing, %-12s median %6.1f ms   p95 %6.1f ms   %5.1f kB   (%d runs)\n",
        $name,
        share($measured, 'all', 0.5),
        share($measured, 'all', 0.95),
        share($measured, 'bytes', 0.5) / 1000,
        count($measured),
    );
    foreach (['wait', 'server', 'transfer', 'swap', 'layout', 'paint'] as $part) {
        printf(
            "    %-9s median %6.1f ms   p95 %6.1f ms\n",
            $part,
            share($measured, $part, 0.5),
            share($measured, $part, 0.95),
        );
    }
}
echo tapped($driver);
$driver->quit();
