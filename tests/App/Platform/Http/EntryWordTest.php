<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Platform\Http\EntryWord;

final class EntryWordTest extends TestCase
{
    public function testAWordReadAloudIsTypedWithoutDoubt(): void
    {
        $words = array_map(
            static fn (int $seed): string => EntryWord::of(new Randomizer(new Mt19937($seed))),
            range(1, 200),
        );

        self::assertCount(200, array_unique($words));
        self::assertSame([], preg_grep('/^[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}$/D', $words, \PREG_GREP_INVERT));
        // No letter that is taken for another, and none that makes words.
        self::assertSame([], preg_grep('/[aeiouyl01q]/', $words));
        self::assertGreaterThanOrEqual(24, \count(array_unique(str_split(str_replace('-', '', implode('', $words))))));
    }

    public function testHowItIsTypedMakesNoDifference(): void
    {
        self::assertSame('bcdf2345', EntryWord::plain(' BCDF - 2345 '));
        self::assertSame(EntryWord::proof('bcdf-2345'), EntryWord::proof('Bcdf 2345'));
        self::assertNotSame(EntryWord::proof('bcdf-2345'), EntryWord::proof('bcdf-2346'));
    }
}
