<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Database;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Database\DatabaseUrl;

final class DatabaseUrlTest extends TestCase
{
    #[DataProvider('provideSaid')]
    public function testAFileOrAServerIsOneUrl(string $said, string $url): void
    {
        self::assertSame($url, DatabaseUrl::of($said));
        self::assertSame($url, (new DatabaseUrl())->getEnv('database', 'X', static fn (string $name): string => $said));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideSaid(): iterable
    {
        yield 'a server' => ['postgresql://maker:word@db/rinkel', 'postgresql://maker:word@db/rinkel'];
        yield 'a server, in short' => ['postgres://db/rinkel', 'postgres://db/rinkel'];
        yield 'a file' => ['/data/rinkel.sqlite', 'file:///data/rinkel.sqlite'];
        yield 'blanks and a percent' => ['/my data/100%.sqlite', 'file:///my%20data/100%25.sqlite'];
        yield 'a name that only looks like one' => ['/postgres:x.sqlite', 'file:///postgres%3Ax.sqlite'];
    }

    public function testAFileBesideIsOfTheFolderWorkedIn(): void
    {
        self::assertStringEndsWith('/var/x.sqlite', DatabaseUrl::of('var/x.sqlite'));
        self::assertStringStartsWith('file:///', DatabaseUrl::of('var/x.sqlite'));
        self::assertFalse(DatabaseUrl::isUrl('mysql://db/rinkel'));
    }
}
