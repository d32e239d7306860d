<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;

final class PatternTest extends TestCase
{
    public function testACharmHangsInTheMiddle(): void
    {
        $hung = static fn (string $text): string => (string) Pattern::parse($text, Unit::Millimetre)->hung('leaf');

        self::assertSame('1 square x fit, hang leaf, mirror', $hung('1 square x fit'));
        self::assertSame('2 square, hang leaf, 3 square', $hung('2 square, 3 square'));
        self::assertSame('2 square, hang leaf, mirror', $hung('2 square, mirror'));
    }

    public function testWhatPullsItToAPointIsKnown(): void
    {
        $isPointed = static fn (string $text): bool => Pattern::parse($text, Unit::Millimetre)->isPointed();

        self::assertTrue($isPointed('2 square, focal moon, 2 square'));
        self::assertTrue($isPointed('(2 square, centre (1 bead a)) x 2'));
        self::assertFalse($isPointed('2 square, 1 bead a'));
        self::assertFalse($isPointed('2 square, below 3 cm (2 square, focal moon)'));
    }

    public function testEveryGapIsChangedOrNoneIs(): void
    {
        $pattern = Pattern::parse('gap 20 mm, (1 bead a, gap 10 mm) x 2, gap fit', Unit::Millimetre);

        self::assertSame(
            'gap 40 mm, (1 bead a, gap 20 mm) x 2, gap fit',
            (string) $pattern->everyGap(static fn (Length $length): Length => $length->times(2)),
        );
        self::assertNull($pattern->everyGap(
            static fn (Length $length): ?Length => $length->millimetres > 15 ? $length : null,
        ));
    }

    public function testBareLengthsGetTheUnitThatTheyWereMeantIn(): void
    {
        self::assertSame('gap 3 cm, gap 5 mm', Pattern::pinned('gap 3, gap 5 mm', Unit::Centimetre));
    }

    public function testFitsGetSomeMore(): void
    {
        self::assertSame(
            '1 square x fit more 2, 1 half left x fit less 1',
            (string) Pattern::parse('1 square x fit, 1 half left x fit', Unit::Millimetre)->withMore([2, -1]),
        );
    }
}
