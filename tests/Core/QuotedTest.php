<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Quoted;

final class QuotedTest extends TestCase
{
    #[DataProvider('provideTyped')]
    public function testWhatSomebodyTypedIsOneShortLine(string $typed, string $said): void
    {
        self::assertSame($said, (string) new Quoted($typed));
    }

    /**
     * @return iterable<list<string>>
     */
    public static function provideTyped(): iterable
    {
        yield ['amber', '“amber”'];
        yield [" a\n\tb\0c ", '“a b c”'];
        yield [str_repeat('ä', 50), '“'.str_repeat('ä', 40).'…”'];
        yield [str_repeat('ä', 40), '“'.str_repeat('ä', 40).'”'];
        yield ["\xff", '“?”'];
    }
}
