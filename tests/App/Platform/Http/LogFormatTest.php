<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\LogFormat;

final class LogFormatTest extends TestCase
{
    public function testAProblemIsALineForPeopleOrJson(): void
    {
        $record = new LogRecord(
            new \DateTimeImmutable('2026-12-01 12:00 UTC'),
            'app',
            Level::Error,
            'The daily backup failed.',
            ['exception' => new \RuntimeException('no room')],
        );

        $line = (new LogFormat('line'))->format($record);
        self::assertIsString($line);
        self::assertStringContainsString('app.ERROR: The daily backup failed.', $line);
        self::assertStringContainsString('no room', $line);
        $json = (new LogFormat('json'))->format($record);
        self::assertIsString($json);
        $read = json_decode($json, true);
        self::assertIsArray($read);
        self::assertSame(['The daily backup failed.', 'ERROR'], [$read['message'], $read['level_name']]);
        self::assertSame(1, substr_count($json, "\n"), 'one line each');
        self::assertIsString((new LogFormat('json'))->formatBatch([$record, $record]));
    }
}
