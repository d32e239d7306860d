<?php

declare(strict_types=1);

// Fills a database with what many years bring, out of what lies in it: php tests/Served/grow.php FILE [pieces]
$database = new SQLite3($argv[1] ?? exit(1));
$database->enableExceptions(true);
$want = (int) ($argv[2] ?? 5000);
$database->exec('BEGIN');
$uid = 'lower(hex(randomblob(16)))';
$number = static fn (string $table): int => (int) $database->querySingle('SELECT COUNT(*) FROM '.$table);
while ($number('piece') < $want) {
    $database->exec("INSERT INTO piece (version, state, document, draft, acts, changed_at, uid, whom)
        SELECT 1, 0, json_set(document, '$.name', substr(json_extract(document, '$.name') || ' ' || abs(random() % 100000), 1, 80)),
            NULL, '[]', datetime(changed_at, '-' || abs(random() % 900) || ' days'), {$uid}, whom
        FROM piece ORDER BY random() LIMIT ".min(500, $want - $number('piece')));
}
while ($number('log_entry') < $want) {
    $database->exec("INSERT INTO log_entry (document, finished_at, uid)
        SELECT document, datetime(finished_at, '-' || abs(random() % 900) || ' days'), {$uid}
        FROM log_entry ORDER BY random() LIMIT ".min(500, $want - $number('log_entry')));
}
while ($number('stock_item') < $want) {
    $database->exec("INSERT INTO stock_item (kind, document, uid, likeness)
        SELECT kind, json_set(document, '$.name', 'Thing ' || abs(random() % 1000000)), {$uid}, likeness
        FROM stock_item ORDER BY random() LIMIT ".min(500, $want - $number('stock_item')));
}
while ($number('board') < intdiv($want, 25)) {
    $database->exec("INSERT INTO board (piece_id, document, total, touched_at, moves, number, note, readings, clocks, finished_at, uid, detours)
        SELECT (SELECT id FROM piece ORDER BY random() LIMIT 1), document, total,
            datetime(touched_at, '-' || abs(random() % 300) || ' days'), moves, number, note, readings, '[]', NULL, {$uid}, '[]'
        FROM board ORDER BY random() LIMIT ".min(50, intdiv($want, 25) - $number('board')));
}
$database->exec('COMMIT');
echo implode(', ', array_map(static fn (string $table): string => $table.' '.$number($table), ['piece', 'log_entry', 'stock_item', 'board'])), "\n";
