<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Exchange;

final class ExchangeTest extends TestCase
{
    public function testIsWrittenAsItIsSaid(): void
    {
        self::assertSame('amber for sky and dot for dash', (string) self::two());
        self::assertSame(['amber', 'sky', 'dot', 'dash'], self::two()->names());
    }

    public function testPutsOneInThePlaceOfTheOther(): void
    {
        self::assertSame(['amber', 'amber', 'dot', 'moss'], array_map(self::two()->of(...), ['sky', 'amber', 'dash', 'moss']));
        self::assertSame(['amber', 'sky', 'dash'], array_map(self::two()->bothWays()->of(...), ['sky', 'amber', 'dot']));
    }

    public function testIsRenamedNameByName(): void
    {
        $renamed = self::two()->renamed(static fn (string $name, int $i): string => $name.$i);

        self::assertSame([['amber0', 'sky1'], ['dot2', 'dash3']], $renamed->pairs);
    }

    private static function two(): Exchange
    {
        return new Exchange([['amber', 'sky'], ['dot', 'dash']]);
    }
}
