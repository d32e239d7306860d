<?php

declare(strict_types=1);

// A Rinkel behind nginx under work for long, and killed in the middle of it, as bin/try-deployment calls it:
// php tests/App/soak.php ADDRESS [minutes] [writes]
// Its php-fpm is known by FPM, the file of its configuration. Prints the memory of its workers minute by minute and
// what became of the writes; leaves with 1 where memory grew, an answer failed or an acknowledged write was lost.

[$address, $minutes, $writes] = [rtrim($argv[1] ?? '', '/'), (float) ($argv[2] ?? 30), (int) ($argv[3] ?? 1000)];
$fpm = (string) getenv('FPM');
if (1 !== preg_match('~^http://127\.0\.0\.1:\d+$~', $address) || !is_file($fpm)) {
    fwrite(\STDERR, "Call it by bin/try-deployment: ./rinkel soak [minutes] [writes]\n");
    exit(2);
}
const HEADERS = ['Sec-Fetch-Site: same-origin'];

/**
 * @param array<string, string>|null $post
 *
 * @return array{int, string}
 */
function asked(string $url, ?array $post = null): array
{
    static $curl = null;
    $curl instanceof CurlHandle ? curl_reset($curl) : $curl = curl_init();
    assert($curl instanceof CurlHandle && '' !== $url);
    curl_setopt($curl, \CURLOPT_URL, $url);
    curl_setopt_array($curl, [
        \CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 30, \CURLOPT_HTTPHEADER => HEADERS,
    ]);
    null === $post || curl_setopt($curl, \CURLOPT_POSTFIELDS, http_build_query($post));
    $body = curl_exec($curl);

    return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), is_string($body) ? $body : ''];
}

/**
 * Returns the processes of this php-fpm: its master first, then the workers.
 *
 * @return list<int>
 */
function processes(string $fpm): array
{
    $master = (int) shell_exec('pgrep -of '.escapeshellarg('php-fpm: master process .'.preg_quote($fpm)));

    $workers = preg_split('/\s+/', (string) shell_exec('pgrep -P '.$master), flags: \PREG_SPLIT_NO_EMPTY) ?: [];

    return [$master, ...array_map(intval(...), $workers)];
}

/**
 * Returns the memory that the workers hold for themselves alone, in MB.
 */
function memory(string $fpm): float
{
    $sum = 0;
    foreach (array_slice(processes($fpm), 1) as $process) {
        $kept = (string) @file_get_contents('/proc/'.$process.'/smaps_rollup');
        preg_match_all('/^Private_(?:Clean|Dirty):\s+(\d+) kB/m', $kept, $of);
        $sum += array_sum(array_map(intval(...), $of[1]));
    }

    return $sum / 1000;
}

// What is worked on: pages that are read, an edit, taps, a drawing, a sheet, an export.
$boards = array_values(array_filter(
    range(1, 30),
    static fn (int $id): bool => 200 === asked("{$address}/boards/{$id}/state")[0],
));
$paths = [
    '/', '/pieces/1', '/stock', '/cut?p[]=1&p[]=2', '/orders', '/log', '/knots', '/pieces/2/work.pdf', '/day',
    '/data/rinkel.zip', '/pieces/3/small.svg',
];
[$begun, $next, $asked, $failed, $samples] = [microtime(true), 60.0, 0, 0, []];
while (($at = microtime(true) - $begun) < 60 * $minutes) {
    $path = $paths[$asked % count($paths)];
    [$status] = 3 === $asked % 4 && [] !== $boards
        ? asked($address.'/boards/'.$boards[$asked % count($boards)].'/one', ['by' => 0 === $asked % 8 ? '1' : '-1'])
        : asked($address.$path);
    ++$asked;
    $failed += 0 === $status || $status >= 500 ? 1 : 0;
    if ($at > $next) {
        $samples[] = memory($fpm);
        printf("minute %2.0f: %6d answers, %d failed, %5.1f MB\n", $next / 60, $asked, $failed, end($samples));
        $next += 60;
    }
}
$third = max(1, intdiv(count($samples), 3));
$mean = static fn (array $of): float => [] === $of ? 0.0 : array_sum($of) / count($of);
[$before, $after] = [$mean(array_slice($samples, 0, $third)), $mean(array_slice($samples, -$third))];
$isFlat = $after <= 1.1 * $before;
printf("Memory: %.1f MB in the first third, %.1f in the last: %s\n\n", $before, $after, $isFlat ? 'flat' : 'it grew');

// Writes, each with an id of its own, sent again until it is acknowledged; the server is killed again and again.
[$acknowledged, $again, $kills, $begun] = [[], 0, 0, microtime(true)];
for ($number = 1; $number <= $writes; ++$number) {
    if (0 === $number % max(1, intdiv($writes, 13))) {
        foreach (processes($fpm) as $process) {
            posix_kill($process, \SIGKILL);
        }
        ++$kills;
        $isBack = false;
    }
    $form = ['name' => 'Write '.$number, 'once' => sprintf('%032x', $number)];
    while (true) {
        [$status] = asked($address.'/people', $form);
        if (303 === $status) {
            $acknowledged[] = $number;
            break;
        }
        ++$again;
        if (0 === (int) shell_exec('pgrep -cf '.escapeshellarg('php-fpm: master process .'.preg_quote($fpm)))) {
            exec('php-fpm8.2 --fpm-config '.escapeshellarg($fpm).' --allow-to-run-as-root 2>/dev/null');
        }
        usleep(20_000);
    }
}
$page = asked($address.'/people')[1];
[$lost, $twice] = [0, 0];
foreach ($acknowledged as $number) {
    $there = substr_count($page, 'value="Write '.$number.'"');
    $lost += 0 === $there ? 1 : 0;
    $twice += $there > 1 ? 1 : 0;
}
printf(
    "%d writes in %.0f s, php-fpm killed %d times, %d sent again: %d lost, %d kept twice\n",
    $writes,
    microtime(true) - $begun,
    $kills,
    $again,
    $lost,
    $twice,
);
exit($isFlat && 0 === $failed && 0 === $lost && 0 === $twice ? 0 : 1);
