<?php

declare(strict_types=1);

// Many makers at once, on loopback: php tests/App/load.php ADDRESS [seconds for each] [how many at once ...] Each of
// them waits for its answer before it asks again. Prints what came through and how long it took; leaves with 1 after
// an error.

[$address, $seconds] = [rtrim($argv[1] ?? '', '/'), max(1, (int) ($argv[2] ?? 5))];
$crowds = array_map(intval(...), array_slice($argv, 3)) ?: [1, 8, 64];
if (1 !== preg_match('~^http://(127\.0\.0\.1|localhost):\d+$~', $address)) {
    fwrite(\STDERR, "Only an address of this machine, such as http://127.0.0.1:8080\n");
    exit(2);
}

/**
 * @param array<int, mixed> $more
 *
 * @return array{int, string}
 */
function ask(string $url, array $more = []): array
{
    $curl = curl_init($url);
    curl_setopt_array(
        $curl,
        [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => 30,
            \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin'],
        ] + $more,
    );
    $body = curl_exec($curl);

    return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), is_string($body) ? $body : ''];
}

// What there is: pieces that open, and boards that are worked on.
$pieces = $boards = [];
for ($id = 1; $id <= 80; ++$id) {
    [$status, $page] = ask($address.'/pieces/'.$id);
    if (200 === $status && 1 === preg_match('/data-version="(\d+)"/', $page, $version)) {
        $pieces[] = [$id, (int) $version[1]];
    }
    if ($id <= 30 && 200 === ask($address.'/boards/'.$id.'/state')[0]) {
        $boards[] = $id;
    }
}
if ([] === $pieces || [] === $boards) {
    fwrite(\STDERR, "There are no pieces with boards: load the demo data first.\n");
    exit(2);
}

$versions = array_column($pieces, 1, 0);
$ids = array_keys($versions);
$number = 0;
/** @var array<string, callable(int): array<int, mixed>> $kinds what a client asks for, as curl options */
$kinds = [
    'Work page' => static fn (int $client): array => [\CURLOPT_URL => $address.'/'],
    'Piece page' => static fn (int $client): array => [\CURLOPT_URL => $address.'/pieces/'.$ids[$client % count($ids)]],
    'cut sheet' => static fn (int $client): array => [
        \CURLOPT_URL => $address.'/cut?p[]='.$ids[$client % count($ids)].'&p[]='.$ids[($client + 1) % count($ids)],
    ],
    'edit' => static function (int $client) use ($address, $ids, &$versions, &$number): array {
        $id = $ids[$client % count($ids)];
        ++$number;
        $act = [
            'id' => sprintf('%024x', $number),
            'in' => 'cm',
            'f' => ['name' => 'Piece '.$number, 'wearer.girth' => sprintf('%.1f cm', 15 + $number % 20 / 10)],
        ];

        return [
            \CURLOPT_URL => $address.'/pieces/'.$id,
            \CURLOPT_POSTFIELDS => http_build_query(
                ['acts' => json_encode([$act]), 'version' => $versions[$id], 'typing' => ''],
            ),
            \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin', 'HX-Request: true'],
            \CURLOPT_PRIVATE => (string) $id,
        ];
    },
    'tap' => static function (int $client) use ($address, $boards, &$number): array {
        $tap = [
            'id' => sprintf('%024x', ++$number),
            'by' => 0 === $number % 2 ? 1 : -1,
            'at' => (int) (microtime(true) * 1000),
        ];

        return [
            \CURLOPT_URL => $address.'/boards/'.$boards[$client % count($boards)].'/taps',
            \CURLOPT_POSTFIELDS => json_encode(['taps' => [$tap]]),
            \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin', 'Content-Type: application/json'],
        ];
    },
];

$load = sys_getloadavg();
printf(
    "%s, %d s each, %d pieces, %d boards, load before %.2f\n\n",
    $address,
    $seconds,
    count($ids),
    count($boards),
    false === $load ? 0.0 : $load[0],
);
printf("| what | at once | a second | p50 ms | p95 | p99 | refused | errors |\n|---|---|---|---|---|---|---|---|\n");
$failed = 0;
foreach ($kinds as $kind => $request) {
    foreach ($crowds as $crowd) {
        [$multi, $times, $clients, $refused, $errors, $open] = [curl_multi_init(), [], [], 0, 0, 0];
        $ask = static function (int $client) use ($multi, $request, &$clients, &$open): void {
            $curl = curl_init();
            curl_setopt_array($curl, $request($client) + [
                \CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 30, \CURLOPT_HTTPHEADER => [
                    'Sec-Fetch-Site: same-origin',
                ],
            ]);
            curl_multi_add_handle($multi, $curl);
            $clients[spl_object_id($curl)] = $client;
            ++$open;
        };
        $begun = microtime(true);
        for ($client = 0; $client < $crowd; ++$client) {
            $ask($client);
        }
        do {
            curl_multi_exec($multi, $running);
            while (false !== ($done = curl_multi_info_read($multi))) {
                $curl = $done['handle'];
                assert($curl instanceof CurlHandle);
                $client = $clients[spl_object_id($curl)];
                $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
                $times[] = curl_getinfo($curl, \CURLINFO_TOTAL_TIME) * 1000;
                $refused += $status >= 400 && $status < 500 ? 1 : 0;
                $errors += 0 === $status || $status >= 500 ? 1 : 0;
                $body = (string) curl_multi_getcontent($curl);
                if ('edit' === $kind && 1 === preg_match(
                    '/data-version="(\d+)"|name="version"[^>]*value="(\d+)"/',
                    $body,
                    $version,
                )) {
                    $id = curl_getinfo($curl, \CURLINFO_PRIVATE);
                    $versions[is_string($id) ? (int) $id : 0] = (int) end($version);
                }
                unset($clients[spl_object_id($curl)]);
                curl_multi_remove_handle($multi, $curl);
                --$open;
                if (microtime(true) - $begun < $seconds) {
                    $ask($client);
                }
            }
            curl_multi_select($multi, 0.05);
        } while ($open > 0);
        $took = microtime(true) - $begun;
        sort($times);
        $at = static fn (float $share): float => $times[(int) min(
            count($times) - 1,
            floor($share * count($times)),
        )] ?? 0.0;
        printf(
            "| %s | %d | %.0f | %.0f | %.0f | %.0f | %d | %d |\n",
            $kind,
            $crowd,
            count($times) / $took,
            $at(0.5),
            $at(0.95),
            $at(0.99),
            $refused,
            $errors,
        );
        $failed += $errors;
    }
}
exit($failed > 0 ? 1 : 0);
