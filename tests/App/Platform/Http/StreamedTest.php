<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\Streamed;

final class StreamedTest extends TestCase
{
    public function testPartsAreSentAsTheyCome(): void
    {
        $response = Streamed::json('all.json', ['[', '1', ']']);
        ob_start();
        $response->sendContent();

        self::assertSame('[1]', ob_get_clean());
        self::assertSame('attachment; filename="all.json"', $response->headers->get('Content-Disposition'));
        self::assertSame('application/json', $response->headers->get('Content-Type'));
    }

    public function testRowsAreWrittenOneByOne(): void
    {
        $response = Streamed::csv('all.csv', [['a', 'b, c'], ['1', '2']]);
        ob_start();
        $response->sendContent();
        $lines = explode("\n", trim((string) ob_get_clean()));

        self::assertCount(2, $lines);
        self::assertStringContainsString('"b, c"', $lines[0]);
    }
}
