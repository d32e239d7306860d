<?php

declare(strict_types=1);

// Measures cutting against an integer program on the same cases, in one run: php tests/Core/cutting.php
// Needs glpsol (Debian: glpk-utils) for the second; without it only our own time is told.

use Rinkel\Core\Cutting\Packing;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** @var array{cases: list<array{offcuts: list<int>, cuts: list<int>, from_offcuts: int}>} $known */
$known = json_decode(
    (string) file_get_contents(dirname(__DIR__).'/reference/cutting.json'),
    true,
    16,
    \JSON_THROW_ON_ERROR,
);

/**
 * Returns the integer program of a case, as glpsol reads it.
 *
 * @param list<int> $offcuts
 * @param list<int> $cuts
 */
function program(array $offcuts, array $cuts): string
{
    $counts = array_count_values($cuts);
    [$goal, $rows, $whole] = [[], [], []];
    foreach (array_keys($offcuts) as $piece) {
        $room = [];
        foreach (array_keys($counts) as $length) {
            $goal[] = $length.' x'.$piece.'_'.$length;
            $room[] = $length.' x'.$piece.'_'.$length;
            $whole[] = 'x'.$piece.'_'.$length;
        }
        $rows[] = implode(' + ', $room).' <= '.$offcuts[$piece];
    }
    foreach ($counts as $length => $count) {
        $rows[] = implode(' + ', array_map(
            static fn (int $piece): string => 'x'.$piece.'_'.$length,
            array_keys($offcuts),
        )).' <= '.$count;
    }

    return "Maximize\n ".implode("\n + ", $goal)."\nSubject To\n ".implode("\n ", $rows)
        ."\nGeneral\n ".implode("\n ", $whole)."\nEnd\n";
}

$glpsol = trim((string) shell_exec('command -v glpsol'));
[$own, $slowest, $theirs, $late] = [0.0, 0.0, 0.0, 0];
foreach ($known['cases'] as $case) {
    $from = hrtime(true);
    [, $packed, $most] = Packing::of($case['cuts'], $case['offcuts']);
    $time = (hrtime(true) - $from) / 1e6;
    $own += $time;
    $slowest = max($slowest, $time);
    assert($packed === $case['from_offcuts'] && $most === $packed);
    if ('' !== $glpsol) {
        $file = (string) tempnam(sys_get_temp_dir(), 'cut');
        file_put_contents($file, program($case['offcuts'], $case['cuts']));
        $from = hrtime(true);
        $said = (string) shell_exec($glpsol.' --lp '.escapeshellarg($file).' --cuts --tmlim 60 2>&1');
        $theirs += (hrtime(true) - $from) / 1e6;
        $late += str_contains($said, 'TIME LIMIT') ? 1 : 0;
        unlink($file);
    }
}
printf("cutting, %d cases   own %.0f ms, the slowest %.0f ms\n", count($known['cases']), $own, $slowest);
if ('' !== $glpsol) {
    printf(
        "                    glpsol %.0f ms, %d not proven in a minute: %.1f times as long\n",
        $theirs,
        $late,
        $theirs / $own,
    );
}
