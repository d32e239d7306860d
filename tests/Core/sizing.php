<?php

declare(strict_types=1);

// Measures thirty sizes of a design: php tests/Core/sizing.php

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Sizes;
use Rinkel\Tests\Core\Examples;

require dirname(__DIR__).'/bootstrap.php';

$planner = new Planner();
$girths = new Girths(array_map(static fn (int $i): Length => Length::ofMillimetres(140 + 2 * $i), range(0, 29)));
$times = [];
foreach (Examples::shipped() as $name => $design) {
    if ('wrist' !== $design->wearing->wearer->place->value) {
        continue;
    }
    Sizes::of($planner, $design, $girths);
    $begun = hrtime(true);
    Sizes::of($planner, $design, $girths);
    $times[$name] = (hrtime(true) - $begun) / 1e6;
}
sort($times);
printf(
    "thirty sizes, %d designs   median %.0f ms, the slowest %.0f ms\n",
    count($times),
    $times[intdiv(count($times), 2)] ?? 0,
    $times[count($times) - 1] ?? 0,
);
