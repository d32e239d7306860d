<?php

declare(strict_types=1);

// Moves each number of the model by 5 % and tells which moves no check notices: php tests/Core/mutants.php [how many] [seed]
// The drawings' golden files do not count as checks: they copy what they guard.

use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Mutant;
use Symfony\Component\Process\Process;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$root = dirname(__DIR__, 2);
$mutants = [];
foreach (['Knot', 'Fit', 'Material', 'Closure', 'Cutting', 'Construction'] as $area) {
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator($root.'/core/'.$area, FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        assert($file instanceof SplFileInfo);
        array_push($mutants, ...Mutant::in($file->getPathname()));
    }
}
usort(
    $mutants,
    static fn (Mutant $mutant, Mutant $other): int => [$mutant->file, $mutant->offset] <=> [$other->file, $other->offset],
);
$chance = new Chance((int) ($argv[2] ?? 1));
$wanted = min(count($mutants), (int) ($argv[1] ?? count($mutants)));
while (count($mutants) > $wanted) {
    array_splice($mutants, $chance->whole(0, count($mutants) - 1), 1);
}
$command = [
    \PHP_BINARY,
    $root.'/vendor/bin/phpunit',
    '--no-configuration',
    '--bootstrap',
    __DIR__.'/mutated.php',
    '--exclude-group',
    'golden',
    '--stop-on-defect',
    '--no-output',
    '--do-not-cache-result',
    __DIR__,
];
[$running, $waiting, $survivors] = [[], $mutants, []];
while ([] !== $running || [] !== $waiting) {
    while (count($running) < 2 && null !== $mutant = array_shift($waiting)) {
        $process = new Process($command, $root, ['RINKEL_MUTANT' => (string) $mutant], timeout: 300);
        $process->start();
        $running[] = [$mutant, $process];
    }
    usleep(20_000);
    foreach ($running as $i => [$mutant, $process]) {
        if (!$process->isRunning()) {
            if (0 === $process->getExitCode()) {
                $survivors[] = $mutant;
                printf("not noticed: %s\n", $mutant->described($root));
            }
            unset($running[$i]);
        }
    }
}
printf("%d numbers of the model moved by 5 %%, %d not noticed.\n", count($mutants), count($survivors));
exit([] === $survivors ? 0 : 1);
