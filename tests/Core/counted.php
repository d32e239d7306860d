<?php

declare(strict_types=1);

/*
 * Counts the statements of core and drawings that are run for pieces of growing size, as no clock can: every example,
 * its pattern so many times over. Prints them as JSON, by example and size:
 *
 *     php tests/Core/counted.php SIZE ...
 */

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\PieceDrawing;

$root = dirname(__DIR__, 2);
$loader = require $root.'/vendor/autoload.php';
assert($loader instanceof Composer\Autoload\ClassLoader);

// Classes come with a tick after each of their statements.
spl_autoload_register(static function (string $class) use ($loader, $root): void {
    $file = $loader->findFile($class);
    $path = is_string($file) ? (string) realpath($file) : '';
    if (str_starts_with($path, $root.'/core/')) {
        $code = str_replace('__DIR__', var_export(dirname($path), true), (string) file_get_contents($path));
        eval(str_replace(['<?php', 'declare(strict_types=1);'], ['', 'declare(strict_types=1, ticks=1);'], $code));
    }
}, prepend: true);

$done = 0;
register_tick_function(static function () use (&$done): void {
    ++$done;
});

$counts = [];
foreach (glob($root.'/demo/pieces/*.json') ?: [] as $file) {
    $piece = json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
    if (!is_array($piece) || !is_string($piece['pattern'] ?? null)) {
        continue;
    }
    // What fits would fit less often; what ends the whole pattern would end each of its parts.
    $once = (string) preg_replace(['/x fit|fit/', '/,?\s*(mirror|then [^,]*)$/'], ['x 3', ''], trim($piece['pattern']));
    unset($piece['length']);
    foreach (array_slice($argv, 1) as $times) {
        $piece['pattern'] = implode(",\n", array_fill(0, (int) $times, $once));
        foreach (['first', 'counted'] as $round) { // what is loaded and remembered the first time isn't counted
            $done = 0;
            try {
                $plan = (new Planner())->plan((new PieceReader())->read($piece));
                $acts = count($plan->acts()->all);
                (new PieceDrawing($plan, 'counted'))->trueSize('counted');
            } catch (PieceUnreadable) {
                continue 2; // a pattern that can't be repeated
            }
        }
        $counts[basename($file, '.json')][$times] = $done;
    }
}
echo json_encode($counts, \JSON_PRETTY_PRINT), "\n";
