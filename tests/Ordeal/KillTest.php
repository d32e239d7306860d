<?php

declare(strict_types=1);

namespace Rinkel\Tests\Ordeal;

use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Served\ServedCase;
use Symfony\Component\Process\Process;

/**
 * Rinkel is killed in the middle of all its writers, again and again: what it acknowledged is there, and nothing is
 * there by half.
 */
final class KillTest extends ServedCase
{
    private const ROUNDS = 100;

    public function testNothingAcknowledgedIsLostAndNothingIsHalfDone(): void
    {
        $rounds = (int) (getenv('ROUNDS') ?: self::ROUNDS);
        $this->migrate();
        $this->serve();
        self::assertSame(0, $this->console(['rinkel:demo'])[0]);
        $path = $this->lay();
        $chance = new Chance(20_261_130);
        [$acknowledged, $sent] = [0, 0];
        for ($round = 1; $round <= $rounds; ++$round) {
            $this->serveAgain();
            $writes = $this->writes($round, $path);
            $statuses = $this->sendAndKill($writes, $chance->whole(1, 160) * 1000);
            $this->serveAgain();
            foreach ($writes as $i => [, , $isDone]) {
                $done = $isDone();
                self::assertNotNull($done, "round {$round}: {$i} is half done");
                self::assertTrue($done || 303 !== $statuses[$i], "round {$round}: {$i} was acknowledged and is lost");
                $acknowledged += 303 === $statuses[$i] ? 1 : 0;
                ++$sent;
            }
            self::assertSame('ok', $this->value('PRAGMA integrity_check'));
            self::assertSame(
                0,
                $this->value('SELECT COUNT(*) FROM photo WHERE uid NOT IN (SELECT uid FROM log_entry)'),
            );
        }
        foreach (['/', '/log', '/stock', '/people', '/samples', '/data/rinkel.zip'] as $page) {
            self::assertSame(200, $this->ask($page, headers: [])[0], $page);
        }
        fwrite(\STDERR, "\n{$rounds} kills, {$sent} writes, {$acknowledged} acknowledged: 0 lost, 0 half done\n");
        self::assertGreaterThan($rounds, $acknowledged, 'enough came to an end to tell');
    }

    /**
     * @return array<string, array{string, array<string, mixed>|string, \Closure(): ?bool}> by what it is: where it is
     *                                                                                      sent, a form or the file of
     *                                                                                      one, and whether it was done;
     *                                                                                      null when by half
     */
    private function writes(int $round, string $path): array
    {
        $mark = 'R'.$round.'x';
        $left = 500 + $round.'.25';
        $archive = $this->arrived('/data', 'archive', $this->archive($round));
        $table = $this->arrived('/stock/tables', 'table', "kind,name,cure\n".implode('', array_map(
            static fn (int $i): string => "glue,{$mark}{$i},3 h\n",
            range(1, 4),
        )));
        $looked = $this->ask($table, headers: [])[1];
        preg_match('/name="mark" value="([^"]+)"/', $looked, $stock);
        for ($i = 0; $i < 20 && str_contains($this->ask($archive, headers: [])[1], 'id="looking"'); ++$i) {
        }
        $this->ask(
            '/samples',
            [
                's' => [
                    'knot' => 'square',
                    'count' => (string) (10 + $round % 400),
                    'length' => '50 mm',
                    'note' => $mark,
                ],
            ],
            [],
        );
        $sample = $this->number("SELECT id FROM sample WHERE document LIKE '%\"{$mark}\"%'");
        $people = array_map(static fn (int $i): string => md5("{$round}-{$i}"), range(1, 5));
        $all = static fn (int $there, int $of): ?bool => match ($there) {
            0 => false,
            $of => true,
            default => null,
        };

        return [
            'a finished piece with its offcut' => [$path.'/finish', [
                'l' => [
                    'left.working' => $left.' mm',
                    'stock' => '1',
                    'notes' => $mark,
                    'minutes' => '50',
                    'sure' => '1',
                ],
            ], fn (): ?bool => $all(
                $this->number("SELECT COUNT(*) FROM log_entry WHERE document LIKE '%\"{$mark}\"%'")
                    + $this->number("SELECT COUNT(*) FROM stock_item WHERE document LIKE '%\"{$left} mm\"%'"),
                2,
            )],
            'an import' => ['/data/take', [
                'token' => basename($archive),
                'take' => array_map(static fn (string $uid): string => 'person-'.$uid, $people),
            ], fn (): ?bool => $all($this->number(
                "SELECT COUNT(*) FROM person WHERE uid IN ('".implode("','", $people)."')",
            ), 5)],
            'a table' => ['/stock/tables/take', [
                'token' => basename($table), 'mark' => $stock[1] ?? '', 'take' => ['2', '3', '4', '5'],
            ], fn (): ?bool => $all($this->number(
                "SELECT COUNT(*) FROM stock_item WHERE document LIKE '%\"{$mark}_\"%'",
            ) + 4 * $this->number("SELECT COUNT(*) FROM stock_taking WHERE changes LIKE '%\"{$mark}1\"%'"), 8)],
            'settings' => ['/settings', [
                'gauge' => (20 + $round % 5).' mm',
                'rate' => (string) $round,
                'factor' => '2.2',
            ], fn (): bool => (string) $round === $this->value("SELECT text FROM setting WHERE name = 'rate'")
                && (20 + $round % 5).' mm' === $this->value("SELECT text FROM setting WHERE name = 'gauge'")],
            'a piece twice' => [$path.'/duplicate', [], fn (): ?bool => 0 === $this->number(
                'SELECT COUNT(*) FROM piece WHERE id NOT IN (SELECT piece_id FROM piece_state)',
            ) ? true : null],
            'a deletion' => ['/samples/'.$sample.'/delete', [], fn (): ?bool => $all(
                1 - $this->number("SELECT COUNT(*) FROM sample WHERE document LIKE '%\"{$mark}\"%'")
                    + $this->number("SELECT COUNT(*) FROM removed WHERE row LIKE '%\"{$mark}\"%'"),
                2,
            )],
            'a person' => ['/people', ['name' => $mark.' P', 'wrist' => '16', 'unit' => 'cm'], fn (): ?bool => $all(
                $this->number("SELECT COUNT(*) FROM person WHERE name = '{$mark} P'")
                    + $this->number(
                        "SELECT COUNT(*) FROM measure WHERE person_id IN (SELECT id FROM person WHERE name = '{$mark} P')",
                    ),
                2,
            )],
        ];
    }

    private function archive(int $round): string
    {
        $file = $this->folder.'/archive.zip';
        @unlink($file);
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::CREATE);
        $zip->addFromString('archive.json', '{"format":"rinkel-archive","version":2,"counts":{}}');
        foreach (range(1, 5) as $i) {
            $uid = md5("{$round}-{$i}");
            $zip->addFromString("people/{$uid}.json", (string) json_encode([
                'uid' => $uid, 'name' => "Imported {$round} {$i}", 'putAway' => false,
                'measures' => [
                    ['taken' => '2026-11-01T10:00:00+00:00', 'measured' => 'snug', 'lengths' => ['wrist' => '160 mm']],
                ],
            ]));
        }
        $zip->close();

        return (string) file_get_contents($file);
    }

    /**
     * Returns the page on which what arrived is looked at.
     */
    private function arrived(string $to, string $field, string $bytes): string
    {
        file_put_contents($this->folder.'/upload', $bytes);
        $process = new Process(
            [
                'curl',
                '-s',
                '-H',
                'Sec-Fetch-Site: same-origin',
                '-H',
                'Expect:',
                '-o',
                '/dev/null',
                '-w',
                '%{redirect_url}',
                '-F',
                $field.'=@'.$this->folder.'/upload',
                $this->address.$to,
            ],
        );
        $process->run();

        return (string) parse_url(trim($process->getOutput()), \PHP_URL_PATH);
    }

    /**
     * @param array<string, array{string, array<string, mixed>|string, \Closure(): ?bool}> $writes
     *
     * @return array<string, int> status by write, 0 where no answer came
     */
    private function sendAndKill(array $writes, int $after): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($writes as $i => [$path, $form]) {
            $handle = curl_init($this->address.$path);
            \assert(false !== $handle);
            curl_setopt_array($handle, [
                \CURLOPT_POST => true, \CURLOPT_POSTFIELDS => \is_array($form) ? http_build_query($form) : $form,
                \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin', 'Expect:'],
                \CURLOPT_TIMEOUT => 20,
            ]);
            curl_multi_add_handle($multi, $handle);
            $handles[$i] = $handle;
        }
        $begun = hrtime(true);
        $isKilled = false;
        do {
            curl_multi_exec($multi, $running);
            if (!$isKilled && (hrtime(true) - $begun) / 1000 > $after) {
                $this->stop(\SIGKILL);
                $isKilled = true;
            }
            curl_multi_select($multi, 0.001);
        } while ($running > 0);
        $this->stop(\SIGKILL);

        return array_map(
            static fn (\CurlHandle $handle): int => (int) curl_getinfo($handle, \CURLINFO_RESPONSE_CODE),
            $handles,
        );
    }

    private function serveAgain(): void
    {
        $this->stop(\SIGKILL);
        $this->serve();
    }

    private function value(string $query): mixed
    {
        $database = new \SQLite3($this->database(), \SQLITE3_OPEN_READWRITE);
        $database->busyTimeout(5000);
        $value = $database->querySingle($query);
        $database->close();

        return $value;
    }

    private function number(string $query): int
    {
        $value = $this->value($query);

        return is_numeric($value) ? (int) $value : -1;
    }
}
