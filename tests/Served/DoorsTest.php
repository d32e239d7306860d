<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Symfony\Component\Process\Process;

/**
 * What took Rinkel down, or doubled, or lost something, once: each is done again, over the wire.
 */
final class DoorsTest extends ServedCase
{
    /** Every page that shows what is kept. */
    private const PAGES = [
        '/', '/log', '/log.json', '/log.csv', '/samples', '/samples/samples.json', '/people', '/stock',
        '/stock/stock.csv',
        '/stock/takings', '/settings', '/practice', '/day', '/cut', '/new', '/data', '/data/rinkel.zip', '/bin',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->migrate();
    }

    /**
     * A length that could be written and not be read again took all pages down that learn of the hand.
     */
    public function testALengthBelowReasonIsRefusedAtEachDoor(): void
    {
        $this->serve(2);
        $path = $this->lay();
        foreach (['0.0000001 mm', '-5 mm', '1e308 mm', '99999999 cm', 'abc'] as $length) {
            [$status, $body] = $this->ask($path.'/finish', ['l' => ['body' => $length, 'sure' => '1']], []);
            self::assertSame(422, $status, $length);
            self::assertStringContainsString('id="l-body-fault"', $body);
            // Of a cord nothing may be left, as good as nothing too.
            $status = $this->ask($path.'/finish', ['l' => ['left.core' => $length, 'sure' => '1']], [])[0];
            self::assertSame('0.0000001 mm' === $length ? 303 : 422, $status, $length.' left');
        }
        [, , $headers] = $this->ask($path.'/board', [], []);
        $board = (string) parse_url($headers['location'] ?? '', \PHP_URL_PATH);
        $this->ask($board.'/one', ['by' => '40'], []);
        foreach (['-5 mm', '1e308 mm', 'abc', '0 0'] as $length) {
            self::assertSame(
                422,
                $this->ask($board.'/read', ['r' => ['left' => $length, 'role' => 'working']], [])[0],
                $length,
            );
        }
        self::assertSame(
            303,
            $this->ask($board.'/read', ['r' => ['left' => '0.0000001 mm', 'role' => 'working']], [])[0],
        );
        $this->all([$path, $board, $board.'/state']);
    }

    /**
     * What cannot be read, however it got there, affects itself alone: it is told, mended as text, deleted, had back.
     */
    public function testWhatCannotBeReadIsToldMendedAndDeleted(): void
    {
        self::assertSame(0, $this->console(['rinkel:demo'])[0]);
        $this->serve(2);
        $database = new \SQLite3($this->database());
        $database->busyTimeout(5000);
        foreach ([
            "UPDATE log_entry SET document = json_set(document, '$.body', '1.0e-7 mm') WHERE id = 1",
            "UPDATE log_entry SET document = 'no json at all' WHERE id = 2",
            "UPDATE sample SET document = json_set(document, '$.length', 'long') WHERE id = 1",
            "UPDATE stock_item SET document = '[]' WHERE id = 1",
            "UPDATE stock_item SET document = json_set(document, '$.price', 'dear') WHERE id = 2",
            "UPDATE measure SET lengths = '{\"wrist\":\"1.0e-7 mm\",\"neck\":7}' WHERE person_id = 1",
            "UPDATE setting SET text = 'never'",
            "INSERT OR REPLACE INTO setting (name, text)
                VALUES ('gauge', '1.0e-7 mm'), ('risk', 'x'), ('unit', 'ell'), ('rate', '1e9')",
            "UPDATE board SET readings = '[{\"moves\":3,\"length\":\"1.0e-7 mm\"}]' WHERE id = 1",
            "UPDATE board SET readings = '[{\"length\":{}}]', clocks = '7' WHERE id = 2",
            "INSERT INTO practice_box (exercise, box, asked, due_at) VALUES ('count-bumps', 99, -4, '2026-01-01 00:00:00')",
            "UPDATE piece SET document = '{\"name\":\"Broken\"}', seen = '7' WHERE id = 1",
            "UPDATE piece_state SET document = 'none' WHERE piece_id = 2",
        ] as $damage) {
            self::assertTrue($database->exec($damage), $damage);
        }
        $database->close();
        $this->all(['/pieces/1', '/pieces/2', '/boards/1', '/boards/2', '/knots', '/tray', '/stock?kind=bead']);
        [$status, $page] = $this->ask('/pieces', [
            'construction' => 'square-knot-band', 'place' => 'wrist', 'girth' => '16', 'unit' => 'cm',
        ], []);
        preg_match_all('~<[^>]*class="[^"]*fault[^>]*>(.*?)</~s', $page, $faults);
        self::assertSame(303, $status, 'a new piece begins whatever the settings say: '.implode(' ', $faults[1]));

        // In the log both are there, told as broken; one is mended as text, one deleted and had back.
        [, $log] = $this->ask('/log', headers: []);
        preg_match_all('~/kept/finished/([0-9a-f]{32})"~', $log, $uids);
        self::assertCount(2, array_unique($uids[1]), 'two are told');
        $mended = 0;
        foreach (array_unique($uids[1]) as $uid) {
            [$status, $page] = $this->ask('/kept/finished/'.$uid, headers: []);
            self::assertSame(200, $status);
            preg_match('~<textarea[^>]*>(.*)</textarea>~s', $page, $text);
            $text = html_entity_decode($text[1] ?? '', \ENT_QUOTES);
            self::assertSame(
                422,
                $this->ask('/kept/finished/'.$uid, ['text' => $text], [])[0],
                'as it is it is not kept',
            );
            self::assertSame(422, $this->ask('/kept/finished/'.$uid, ['text' => '{'], [])[0]);
            if (str_contains($text, '1.0e-7 mm')) {
                $mended += 303 === $this->ask('/kept/finished/'.$uid, [
                    'text' => str_replace('1.0e-7 mm', '15.1 cm', $text),
                ], [])[0] ? 1 : 0;
            } else {
                [$status, , $headers] = $this->ask('/kept/finished/'.$uid.'/delete', [], []);
                self::assertSame(303, $status);
                parse_str((string) parse_url($headers['location'] ?? '', \PHP_URL_QUERY), $query);
                $bin = $query['removed'] ?? '';
                self::assertIsString($bin);
                self::assertSame(422, $this->ask('/bin/'.$bin.'/restore', [], [])[0], 'what is broken says so');
            }
        }
        self::assertSame(1, $mended);
        self::assertStringNotContainsString('/kept/finished/', $this->ask('/log', headers: [])[1], 'all is well again');
        self::assertStringContainsString('/kept/person/', $this->ask('/people', headers: [])[1]);
        self::assertStringContainsString('/kept/sample/', $this->ask('/samples', headers: [])[1]);
        self::assertStringContainsString('/kept/board/', $this->ask('/boards/1', headers: [])[1]);
        $this->all([]);
    }

    /**
     * A form that is sent twice at the same moment is done once.
     */
    public function testWhatIsSentTwiceAtOnceIsDoneOnce(): void
    {
        $this->serve();
        $path = $this->lay();
        $once = static fn (): string => bin2hex(random_bytes(12));
        for ($round = 0; $round < 6; ++$round) {
            $form = ['once' => $once(), 'l' => ['left.working' => '50 cm', 'stock' => '1', 'minutes' => '50', 'sure' => '1']];
            self::assertSame([303, 303], $this->statuses([$path.'/finish', $path.'/finish'], [$form, $form]));
            self::assertSame($round + 1, $this->number('log_entry'));
            self::assertSame($round + 1, $this->number(
                "stock_item, json_each(stock_item.document, '$.offcuts')",
            ), 'as many offcuts as pieces');
        }
        for ($round = 0; $round < 20; ++$round) {
            $piece = $this->lay();
            $this->statuses([$piece.'/board', $piece.'/board'], [['once' => $once()], ['once' => $once()]]);
            self::assertSame($round + 1, $this->number('board'), 'from two tabs, too');
        }
        $forms = [
            '/people' => ['name' => 'Philippa', 'wrist' => '16', 'unit' => 'cm'],
            '/stock' => ['kind' => 'glue', 'c' => ['cure' => '3 h', 'name' => 'Paste']],
            '/samples' => ['s' => ['knot' => 'square', 'count' => '20', 'length' => '50 mm']],
            $path.'/duplicate' => [],
            '/pieces' => ['construction' => 'stretch', 'place' => 'wrist', 'girth' => '16', 'unit' => 'cm'],
            '/practice' => ['of' => 'count-bumps', 'seed' => '5', 'answer' => '1'],
        ];
        $tables = ['person', 'stock_item', 'sample', 'piece', 'piece', 'practice_box WHERE asked = 1'];
        foreach (array_keys($forms) as $i => $to) {
            $before = $this->number($tables[$i]);
            $form = ['once' => $once()] + $forms[$to];
            self::assertSame([303, 303, 303], $this->statuses([$to, $to, $to], [$form, $form, $form]), $to);
            self::assertSame($before + 1, $this->number($tables[$i]), $to);
        }
        $tick = ['cut' => str_repeat('a', 32), 'made' => '1'];
        self::assertSame([204], array_values(array_unique($this->statuses(
            array_fill(0, 8, '/cut/tick'),
            array_fill(0, 8, $tick),
        ))), 'eight ticks at once');
        self::assertSame(1, $this->number('stock_tick'));
    }

    /**
     * Two devices that take the same sheet, finish, deliver or put back the same thing at the same moment: it is done
     * once, the other is told or led to it, and no cord is taken or lost twice.
     */
    public function testWhatIsMadeIsMadeOnce(): void
    {
        $this->serve();
        $path = $this->lay();
        $id = (int) basename($path);
        $once = static fn (): string => bin2hex(random_bytes(12));
        preg_match_all('/name="cut"\s+value="([0-9a-f]{32})"/', $this->ask('/cut?p[]='.$id, headers: [])[1], $cuts);
        self::assertNotSame([], $cuts[1]);
        for ($round = 0; $round < 8; ++$round) {
            foreach ($cuts[1] as $cut) {
                self::assertSame(204, $this->ask('/cut/tick', ['cut' => $cut, 'made' => '1'], [])[0]);
            }
            preg_match('/name="mark"\s+value="([0-9a-f]+)"/', $this->ask('/cut?p[]='.$id, headers: [])[1], $mark);
            $form = ['once' => $once(), 'p' => [(string) $id], 'ticked' => '1', 'mark' => $mark[1] ?? ''];
            $other = ['once' => $once()] + $form;
            $statuses = $this->statuses(['/cut/take', '/cut/take'], [$form, $other]);
            self::assertSame([303, 303], $statuses, 'round '.$round);
            self::assertSame($round + 1, $this->number('making'), 'cut once, the other finds nothing ticked');
            $made = '/makings/'.($round + 1);
            $this->statuses([$made.'/board', $made.'/board'], [['once' => $once()], ['once' => $once()]]);
            self::assertSame(1, $this->number('board'), 'one board');
            $finish = ['l' => ['minutes' => '40', 'sure' => '1']];
            $this->statuses(
                [$made.'/finish', $made.'/finish'],
                [['once' => $once()] + $finish, ['once' => $once()] + $finish],
            );
            self::assertSame(1, $this->number('log_entry'), 'one entry');
            $this->statuses([$made.'/deliver', $made.'/deliver'], [['once' => $once()], ['once' => $once()]]);
            $back = ['to' => 'cut'];
            $this->statuses([$made.'/back', $made.'/back'], [['once' => $once()] + $back, ['once' => $once()] + $back]);
            self::assertSame(0, $this->number('log_entry'), 'and none once it is put back');
            self::assertSame(0, $this->number('board'), 'nor a board');
        }
    }

    /**
     * Two tabs that change one thing in stock: one is kept, the other told; nothing disappears, and of what was deleted
     * it is said.
     */
    public function testAnEditToAThingInStockNeverDisappears(): void
    {
        $this->serve();
        $this->ask('/stock', ['kind' => 'glue', 'c' => ['cure' => '3 h', 'name' => 'Paste']], []);
        for ($round = 0; $round < 20; ++$round) {
            preg_match('/name="was"\s+value="([^"]+)"/', $this->ask('/stock?edit=1', headers: [])[1], $mark);
            $form = static fn (string $name): array => [
                'kind' => 'glue', 'id' => '1', 'was' => $mark[1] ?? '', 'c' => ['cure' => '3 h', 'name' => $name],
            ];
            $statuses = $this->statuses(['/stock', '/stock'], [$form('One '.$round), $form('Two '.$round)]);
            sort($statuses);
            self::assertSame([303, 409], $statuses, 'round '.$round);
        }
        self::assertSame(303, $this->ask('/stock/1/delete', [], [])[0]);
        [$status, $page] = $this->ask(
            '/stock',
            ['kind' => 'glue', 'id' => '1', 'was' => 'x', 'c' => ['cure' => '4 h', 'name' => 'Late']],
            [],
        );
        self::assertSame(409, $status);
        self::assertStringContainsString('This has been deleted', $page);
        self::assertStringContainsString('value="Late"', $page, 'what was typed stays');
    }

    /**
     * Uploads that are made to fill memory or time are refused, and the server goes on.
     */
    public function testUploadsAreBounded(): void
    {
        $this->serve(2);
        $path = $this->lay();
        $entities = '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa">'.implode('', array_map(
            static fn (int $i): string => '<!ENTITY '.\chr(98 + $i).' "'.str_repeat('&'.\chr(97 + $i).';', 10).'">',
            range(0, 8),
        )).']><svg xmlns="http://www.w3.org/2000/svg"><metadata>&j;</metadata></svg>';
        $row = '<row r="1"/>';
        $sheet = static fn (string $rows): array => [
            '[Content_Types].xml' => '<?xml version="1.0" encoding="UTF-8"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>',
            'xl/workbook.xml' => '<?xml version="1.0" encoding="UTF-8"?><workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="A" sheetId="1" r:id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<?xml version="1.0" encoding="UTF-8"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
            'xl/worksheets/sheet1.xml' => '<?xml version="1.0" encoding="UTF-8"?><worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>'.$rows.'</sheetData></worksheet>',
        ];
        $archive = '{"format":"rinkel-archive","version":1,"pieces":[';
        $picture = static function (int $wide, int $high): string {
            // A PNG that says that it is so large, and unpacks to nothing but one colour.
            $chunk = static fn (string $type, string $data): string => pack('N', \strlen($data)).$type.$data.pack('N', crc32($type.$data));

            return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $wide, $high, 8, 0, 0, 0, 0))
                .$chunk(
                    'IDAT',
                    (string) gzcompress(str_repeat("\0".str_repeat("\x40", $wide), $high), 9),
                ).$chunk('IEND', '');
        };
        $image = imagecreatetruecolor(900, 600);
        self::assertNotFalse($image);
        for ($i = 0; $i < 4000; ++$i) {
            imagesetpixel($image, $i % 900, intdiv($i * 7, 47) % 600, $i * 4099);
        }
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        foreach ([
            ['/import', 'files[]', 'bomb.svg', $entities, 200],
            ['/import', 'files[]', 'bomb.svg', $entities, 200],
            ['/import', 'files[]', 'deep.json', str_repeat('[', 90_000), 200],
            ['/import', 'files[]', 'wide.json', '{"cords":['.str_repeat('{},', 200_000).'1]}', 200],
            ['/stock/tables', 'table', 'rows.xlsx', $this->zip($sheet(str_repeat($row, 600_000))), 303],
            ['/stock/tables', 'table', 'many.xlsx', $this->zip($sheet(str_repeat($row, 300_000))), 303],
            [
                '/stock/tables',
                'table',
                'cell.xlsx',
                $this->zip(
                    $sheet('<row r="1"><c t="inlineStr"><is><t>'.str_repeat('x', 38_000_000).'</t></is></c></row>'),
                ),
                422,
            ],
            [
                '/stock/tables',
                'table',
                'entity.xlsx',
                $this->zip(['xl/workbook.xml' => '<!DOCTYPE w [<!ENTITY a "b">]><w/>'] + $sheet($row)),
                422,
            ],
            ['/stock/tables', 'table', 'many.csv', "kind,name\n".str_repeat("glue,Paste\n", 900_000), 422],
            [
                '/data',
                'archive',
                'people.zip',
                $this->zip(
                    [
                        'archive.json' => $archive.']}',
                        'people.json' => '{"people":['.str_repeat('{"a":1},', 2_000_000).'{}]}',
                    ],
                ),
                303,
            ],
            [
                '/data',
                'archive',
                'index.zip',
                $this->zip(
                    ['archive.json' => $archive.implode(',', array_fill(0, 60_000, '{"uid":"x","file":"y"}')).']}'],
                ),
                303,
            ],
            [
                '/data',
                'archive',
                'deep.zip',
                $this->zip(
                    [
                        'archive.json' => '{"format":"rinkel-archive","version":2}',
                        'log/'.str_repeat('a', 32).'.json' => str_repeat('[[1],', 1_500_000),
                    ],
                ),
                303,
            ],
            [$path.'/finish', 'photo', 'large.png', $picture(7700, 7700), 422],
            [$path.'/finish', 'photo', 'cut.jpg', substr($jpeg, 0, intdiv(\strlen($jpeg), 2)), 422],
        ] as [$to, $field, $name, $bytes, $status]) {
            [$is, $body, $location] = $this->upload($to, $field, $name, $bytes);
            self::assertSame($status, $is, $name);
            if (303 === $is) {
                for ($step = 0; $step < 80 && str_contains(
                    $body = $this->ask($location, headers: [])[1],
                    'id="looking"',
                ); ++$step) {
                }
                self::assertStringNotContainsString('Something went wrong', $body, $name);
            }
            self::assertSame(200, $this->ask('/', headers: [])[0], 'after '.$name);
        }
        self::assertSame([0, 0], [$this->number('log_entry'), $this->number('stock_item')]);
        self::assertSame(303, $this->upload($path.'/finish', 'photo', 'whole.jpg', $jpeg)[0]);
        self::assertSame(1, $this->number('photo'));
    }

    /**
     * A copy has the photos with it, and puts them back.
     */
    public function testACopyHasThePhotosToo(): void
    {
        $this->serve(1);
        $path = $this->lay();
        $image = imagecreatetruecolor(400, 300);
        self::assertNotFalse($image);
        ob_start();
        imagejpeg($image);
        self::assertSame(303, $this->upload($path.'/finish', 'photo', 'one.jpg', (string) ob_get_clean())[0]);
        [, $jpeg] = $this->ask('/log/1/photo.jpg', headers: []);
        self::assertStringStartsWith("\xff\xd8", $jpeg);
        self::assertSame(0, $this->console(['rinkel:backup', $this->folder.'/copy.sqlite'])[0]);
        self::assertSame(303, $this->ask('/log/1/delete', [], [])[0]);
        self::assertSame(404, $this->ask('/log/1/photo.jpg', headers: [])[0]);
        self::assertSame(0, $this->console(['rinkel:restore', $this->folder.'/copy.sqlite'])[0]);
        self::assertSame($jpeg, $this->ask('/log/1/photo.jpg', headers: [])[1]);
    }

    /**
     * An older Rinkel kept photos as files beside its database: they come along, once.
     */
    public function testPhotosOfAnOlderRinkelComeAlong(): void
    {
        $this->serve(1);
        $path = $this->lay();
        self::assertSame(303, $this->ask($path.'/finish', ['l' => ['minutes' => '50']], [])[0]);
        $this->stop();
        [$code, $said] = $this->console(
            ['doctrine:migrations:migrate', 'Rinkel\Migrations\Version20261126190000', '--no-interaction', '--quiet'],
        );
        self::assertSame(0, $code, $said);
        $uid = (new \SQLite3($this->database()))->querySingle('SELECT uid FROM log_entry');
        self::assertIsString($uid);
        mkdir($this->folder.'/photos');
        file_put_contents($this->folder.'/photos/'.$uid.'.jpg', "\xff\xd8 of before \xff\xd9");
        file_put_contents($this->folder.'/photos/'.str_repeat('a', 32).'.jpg', 'of an entry that is gone');
        $this->migrate();
        $this->serve(1);
        self::assertSame("\xff\xd8 of before \xff\xd9", $this->ask('/log/1/photo.jpg', headers: [])[1]);
        self::assertSame(1, $this->number('photo'));
    }

    /**
     * @param list<string> $more
     */
    private function all(array $more): void
    {
        foreach ([...self::PAGES, ...$more] as $page) {
            [$status, $body] = $this->ask($page, headers: []);
            self::assertSame(200, $status, $page.': '.mb_substr(strip_tags($body), 0, 600));
        }
    }

    private function number(string $from): int
    {
        $database = new \SQLite3($this->database(), \SQLITE3_OPEN_READONLY);
        $database->busyTimeout(5000);
        $number = $database->querySingle('SELECT COUNT(*) FROM '.$from);
        $database->close();

        return is_numeric($number) ? (int) $number : -1;
    }

    /**
     * @param array<string, string> $files
     */
    private function zip(array $files): string
    {
        $path = $this->folder.'/'.bin2hex(random_bytes(4)).'.zip';
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return (string) file_get_contents($path);
    }

    /**
     * @return array{int, string, string} status, body and where it leads
     */
    private function upload(string $to, string $field, string $name, string $bytes): array
    {
        $file = $this->folder.'/upload';
        file_put_contents($file, $bytes);
        $process = new Process([
            'curl', '-s', '-g', '-H', 'Sec-Fetch-Site: same-origin', '-H', 'Expect:', '-w',
            "\n%{http_code} %{redirect_url}",
            '-F', $field.'=@'.$file.';filename='.$name, $this->address.$to,
        ], null, null, null, 60);
        $process->run();
        $said = $process->getOutput();
        $last = substr($said, (int) strrpos($said, "\n") + 1);
        [$status, $location] = explode(' ', $last, 2) + [1 => ''];

        return [(int) $status, $said, (string) parse_url($location, \PHP_URL_PATH)];
    }

    /**
     * Sends forms at the same moment.
     *
     * @param list<string>               $paths
     * @param list<array<string, mixed>> $forms
     *
     * @return list<int>
     */
    private function statuses(array $paths, array $forms): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($forms as $i => $form) {
            $handle = curl_init($this->address.($paths[$i] ?? ''));
            \assert(false !== $handle);
            curl_setopt_array($handle, [
                \CURLOPT_POST => true, \CURLOPT_POSTFIELDS => http_build_query($form), \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin', 'Expect:'], \CURLOPT_TIMEOUT => 20,
            ]);
            curl_multi_add_handle($multi, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.01);
        } while ($running > 0);

        return array_map(
            static fn (\CurlHandle $handle): int => (int) curl_getinfo($handle, \CURLINFO_RESPONSE_CODE),
            $handles,
        );
    }
}
