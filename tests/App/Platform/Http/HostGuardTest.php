<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\HostGuard;

final class HostGuardTest extends TestCase
{
    #[DataProvider('provideHosts')]
    public function testOnlyAKnownNameIsServed(string $host, string $allowed, bool $isServed): void
    {
        self::assertSame($isServed, HostGuard::allows($host, $allowed));
    }

    /**
     * @return iterable<string, array{string, string, bool}>
     */
    public static function provideHosts(): iterable
    {
        yield 'this machine' => ['localhost:8090', '', true];
        yield 'by its number' => ['127.0.0.1', '', true];
        yield 'by its newer number' => ['[::1]:8090', '', true];
        yield 'a name of the house' => ['Atelier.local:8090', 'other.local, atelier.local', true];
        yield 'a stranger' => ['evil.example', 'atelier.local', false];
        yield 'a name with more before it' => ['not-localhost', '', false];
        yield 'a name with more behind it' => ['localhost.evil.example', '', false];
        yield 'no name' => ['', '', false];
        yield 'only a port' => [':8090', '', false];
    }
}
