<?php

declare(strict_types=1);

// Fills a database with what many years bring, out of what lies in it, and asks how long pages take over it then:
//
//     php tests/Served/grow.php FILE [pieces]
//     php tests/Served/grow.php ADDRESS PATH ...
[, $where] = $argv + [1 => ''];
if (str_starts_with($where, 'http')) {
    foreach (array_slice($argv, 2) as $path) {
        $took = [];
        for ($i = 0; $i < 14; ++$i) {
            $began = hrtime(true);
            file_get_contents($where.$path);
            $took[] = (hrtime(true) - $began) / 1e6;
        }
        $warm = array_slice($took, 4);
        sort($warm);
        printf("%-20s %6.0f ms\n", $path, $warm[5]);
    }
    exit;
}
$database = new SQLite3($where);
$database->enableExceptions(true);
$want = (int) ($argv[2] ?? 5000);
$uid = 'lower(hex(randomblob(16)))';
$number = static fn (string $table): int => (int) $database->querySingle('SELECT COUNT(*) FROM '.$table);
$long = static fn (string $column): string => "datetime({$column}, '-' || abs(random() % 900) || ' days')";
// How many there are of each after those years, and how one is made out of another.
$grown = [
    'piece' => [1, ['uid' => $uid, 'changed_at' => $long('changed_at'), 'draft' => 'NULL', 'acts' => "'[]'",
        'document' => "json_set(document, '$.name',
            substr(json_extract(document, '$.name') || ' ' || abs(random() % 100000), 1, 80))", ]],
    'log_entry' => [1, ['uid' => $uid, 'finished_at' => $long('finished_at')]],
    'stock_item' => [1, ['uid' => $uid,
        'document' => "json_set(document, '$.name', 'Thing ' || abs(random() % 1000000))"]],
    'person' => [0.1, ['uid' => $uid, 'name' => "substr(name || ' ' || abs(random() % 100000), 1, 80)"]],
    'customer_order' => [0.1, ['uid' => $uid, 'asked_at' => $long('asked_at'), 'closed_at' => $long('asked_at')]],
    'making' => [1, ['uid' => $uid, 'piece_id' => '(SELECT id FROM piece ORDER BY random() LIMIT 1)', 'log' => "''",
        'made_at' => "COALESCE(made_at, {$long('planned_at')})"]],
];
$database->exec('BEGIN');
foreach ($grown as $table => [$share, $others]) {
    $columns = [];
    $result = $database->query("PRAGMA table_info({$table})") ?: throw new RuntimeException('No such table.');
    while ($row = $result->fetchArray(\SQLITE3_ASSOC)) {
        $columns[] = is_string($row['name']) ? $row['name'] : '';
    }
    $columns = array_diff($columns, ['id']);
    $from = implode(', ', array_map(static fn (string $column): string => $others[$column] ?? $column, $columns));
    for ($lacks = $share * $want - $number($table); $lacks > 0; $lacks = $share * $want - $number($table)) {
        $database->exec("INSERT INTO {$table} (".implode(', ', $columns).") SELECT {$from} FROM {$table}
            ORDER BY random() LIMIT ".min(500, (int) ceil($lacks)));
    }
}
$database->exec('COMMIT');
foreach (array_keys($grown) as $table) {
    echo $table, ' ', $number($table), "\n";
}
