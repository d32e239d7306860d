<?php

declare(strict_types=1);

/*
 * Puts faults into a copy of the code, one at a time, and lists those that no test finds:
 *
 *     php tests/Code/mutate.php [how many] [seed] [core|src]
 *
 * Of core, the tests are tried whose text names the class, those beside it first, then the whole core; of src, the tests
 * that name it, and those of its folder.
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Tests\Code\Mutants;
use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';

[$count, $seed, $folder] = [(int) ($argv[1] ?? 20), (int) ($argv[2] ?? 1), $argv[3] ?? 'core'];
$root = dirname(__DIR__, 2);
$copy = sys_get_temp_dir().'/rinkel-mutants-'.getmypid();
(new Process(['git', 'clone', '-q', $root, $copy]))->mustRun();
foreach (['vendor', 'node_modules', 'public/build'] as $there) {
    if (is_dir($root.'/'.$there) && !file_exists($copy.'/'.$there)) {
        (new Process(['cp', '-a', $root.'/'.$there, $copy.'/'.$there]))->mustRun();
    }
}
$mutants = new Mutants($copy, [$folder]);
$chance = new Randomizer(new Mt19937($seed));

/**
 * @return list<string> tests that name a class, those beside it first
 */
$testsOf = static function (string $path) use ($copy, $folder): array {
    $class = basename($path, '.php');
    $mirror = preg_replace(['~^core/~', '~^src/~', '~\.php$~'], ['tests/Core/', 'tests/App/', 'Test.php'], $path);
    $lists = new Process(
        ['grep', '-rlw', $class, 'core' === $folder ? 'tests/Core' : 'tests/App', '--include=*Test.php'],
        $copy,
    );
    $lists->run();
    $named = '' === trim($lists->getOutput()) ? [] : explode("\n", trim($lists->getOutput()));

    return array_values(array_unique([...(is_file($copy.'/'.$mirror) ? [$mirror] : []), ...$named]));
};
$finds = static function (array $what) use ($copy): bool {
    $tests = new Process(
        ['php', 'vendor/bin/phpunit', '--stop-on-failure', '--stop-on-error', '--no-progress', ...$what],
        $copy,
        timeout: 400,
    );

    return 0 !== $tests->run();
};
$survivors = [];
for ($i = 1; $i <= $count; ++$i) {
    [$path, $text, $line, $what] = $mutants->one($chance);
    $original = (string) file_get_contents($copy.'/'.$path);
    file_put_contents($copy.'/'.$path, $text);
    (new Process(['rm', '-rf', 'var/cache'], $copy))->run();
    $found = false;
    foreach (array_slice($testsOf($path), 0, 12) as $test) {
        if ($found = $finds([$test])) {
            break;
        }
    }
    $found = $found || $finds('core' === $folder
        ? ['--testsuite', 'core']
        : ['tests/App/'.explode('/', $path)[1]]);
    file_put_contents($copy.'/'.$path, $original);
    printf("%3d %s %s:%d %s\n", $i, $found ? 'found    ' : 'SURVIVES ', $path, $line, $what);
    $survivors = $found ? $survivors : [...$survivors, $path.':'.$line];
}
printf("%d of %d survive\n", count($survivors), $count);
(new Process(['rm', '-rf', $copy]))->run();
