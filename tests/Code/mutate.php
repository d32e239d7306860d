<?php

declare(strict_types=1);

/*
 * Puts faults into a copy of the code, one at a time, and lists those that no test finds; ./rinkel mutants calls it:
 *
 *     php tests/Code/mutate.php HOW-MANY SEED core|src COPY COVERAGE JUNIT
 *
 * A fault is shown to the tests that run through its line, the quickest first. What no test runs through survives.
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Tests\Code\Cover;
use Rinkel\Tests\Code\Mutants;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';
ini_set('memory_limit', '16G');

[, $count, $seed, $folder, $copy, $coverage, $junit] = $argv + array_fill(0, 7, '');
$cover = Cover::read($coverage, $junit, $copy);
$mutants = new Mutants($copy, [$folder]);
$chance = new Randomizer(new Mt19937((int) $seed));

/** @param non-empty-list<string> $tests */
$find = static function (array $tests) use ($copy, $folder): bool {
    $names = implode('|', array_map(static fn (mixed $test): string => preg_quote(is_string($test) ? $test : '', '/'), $tests));
    $run = new Process(
        [
            'php', '-d', 'opcache.enable_cli=1', 'vendor/bin/phpunit',
            '--testsuite', 'core' === $folder ? 'core' : 'app',
            '--exclude-group', 'slow', '--stop-on-defect', '--no-progress',
            '--filter', "/^(?:{$names})(?: with data set .*)?\$/s",
        ],
        $copy,
        timeout: 300,
    );
    try {
        return 0 !== $run->run();
    } catch (ProcessTimedOutException) {
        return true; // it goes round for ever
    }
};

$survivors = [];
for ($i = 1; $i <= (int) $count; ++$i) {
    [$path, $text, $line, $what, $to] = $mutants->one($chance);
    $original = (string) file_get_contents($copy.'/'.$path);
    file_put_contents($copy.'/'.$path, $text);
    (new Process(['rm', '-rf', 'var/cache/test'], $copy))->run();
    $found = false;
    foreach ($cover->of($path, $line, $to) as $lot) {
        if ($found = $find($lot)) {
            break;
        }
    }
    file_put_contents($copy.'/'.$path, $original);
    printf("%3d %s %s:%d %s\n", $i, $found ? 'found    ' : 'SURVIVES ', $path, $line, $what);
    $survivors = $found ? $survivors : [...$survivors, $path.':'.$line];
}
printf("%d of %d survive\n", count($survivors), $count);
