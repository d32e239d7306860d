<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Rinkel\App\Backup\DatabaseMove;

/**
 * What takes long is done by a worker beside the pages, or by a page where there is none; it can be cancelled.
 */
final class JobsTest extends ServedCase
{
    /** More than is exported at once. */
    private const PEOPLE = 450;

    protected function setUp(): void
    {
        parent::setUp();
        $this->migrate();
        $connection = DatabaseMove::open($this->where());
        $connection->beginTransaction();
        for ($i = 0; $i < self::PEOPLE; ++$i) {
            $connection->insert('person', ['name' => 'Person '.$i, 'uid' => \sprintf('%032x', $i)]);
        }
        $connection->commit();
        $connection->close();
        $this->serve(2);
    }

    public function testAWorkerExportsAndImports(): void
    {
        $job = $this->begin('/data/save', []);
        self::assertStringContainsString('data-job="waiting"', $this->ask($job)[1]);
        [$code, $said] = $this->console(['messenger:consume', 'jobs', '--limit=1', '--time-limit=20', '--quiet']);
        self::assertSame(0, $code, $said);
        self::assertStringContainsString('data-job="done"', $this->ask($job)[1]);
        [$status, $bytes, $headers] = $this->ask($job.'/file');
        self::assertSame(200, $status);
        self::assertStringContainsString('rinkel-', $headers['content-disposition'] ?? '');
        file_put_contents($this->folder.'/all.zip', $bytes);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($this->folder.'/all.zip'));
        self::assertGreaterThanOrEqual(self::PEOPLE, $zip->numFiles);

        $connection = DatabaseMove::open($this->where());
        $connection->executeStatement('DELETE FROM person');
        $answer = json_decode($this->sent('/data/part', $bytes), true);
        $token = \is_array($answer) ? $answer['token'] ?? '' : '';
        self::assertIsString($token);
        $page = '';
        for ($i = 0; $i < 100 && !str_contains($page, 'take-long'); ++$i) {
            $page = $this->ask('/data/look/'.$token, headers: [])[1];
        }
        preg_match_all('/name="(take|all)\[\]" value="([^"]+)"/', $page, $boxes, \PREG_SET_ORDER);
        $form = ['token' => $token];
        foreach ($boxes as $i => [, $name, $value]) {
            $form[$name.'['.$i.']'] = $value;
        }
        $job = $this->begin('/data/take-long', $form);
        $this->console(['messenger:consume', 'jobs', '--limit=1', '--time-limit=20', '--quiet']);
        self::assertSame([303, '/data?taken='.self::PEOPLE], $this->lead($job));
        self::assertEquals(self::PEOPLE, $connection->fetchOne('SELECT COUNT(*) FROM person'));
    }

    public function testWithoutAWorkerAPageDoesIt(): void
    {
        $job = $this->begin('/data/save', []);
        sleep(4);
        self::assertStringContainsString('data-job="done"', $this->ask($job)[1]);
        // Whoever comes later finds nothing left to do.
        [$code] = $this->console(['messenger:consume', 'jobs', '--limit=1', '--time-limit=5', '--quiet']);
        self::assertSame(0, $code);
        self::assertSame(200, $this->ask($job.'/file')[0]);
    }

    public function testNobodyDoesWhatIsCancelled(): void
    {
        $job = $this->begin('/data/save', []);
        self::assertSame(303, $this->ask($job.'/cancel', [], [])[0]);
        $this->ask('/people'); // after it the copy of the day is made
        sleep(1);
        $before = $this->ask('/changes')[1];
        $this->console(['messenger:consume', 'jobs', '--limit=1', '--time-limit=5', '--quiet']);
        self::assertStringContainsString('data-job="cancelled"', $this->ask($job)[1]);
        self::assertSame(404, $this->ask($job.'/file')[0]);
        self::assertSame($before, $this->ask('/changes')[1], 'no other device takes the queue for a change');
        self::assertStringContainsString('"part":"queue","fine":true', $this->ask('/health')[1]);
    }

    /**
     * @param array<string, string> $form
     */
    private function begin(string $path, array $form): string
    {
        [$status, , $headers] = $this->ask($path, $form, []);
        self::assertSame(303, $status);
        self::assertMatchesRegularExpression('~^/jobs/[0-9a-f]{32}$~', $headers['location'] ?? '');

        return $headers['location'] ?? '';
    }

    /**
     * @return array{int, string} the status, and where it leads
     */
    private function lead(string $path): array
    {
        [$status, , $headers] = $this->ask($path, headers: []);

        return [$status, $headers['location'] ?? ''];
    }

    private function sent(string $path, string $bytes): string
    {
        $curl = curl_init($this->address.$path);
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin'],
            \CURLOPT_POSTFIELDS => ['at' => '0', 'part' => new \CURLStringFile($bytes, 'all.zip')],
        ]);

        return (string) curl_exec($curl);
    }
}
