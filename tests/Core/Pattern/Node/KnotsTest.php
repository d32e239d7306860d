<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Pattern\Node\Knots;

final class KnotsTest extends TestCase
{
    public function testIsWrittenAsItIsRead(): void
    {
        self::assertSame('6 square', (string) new Knots(6, new Square()));
        self::assertSame('6 square in b fill', (string) new Knots(6, new Square(), cord: 'b', fills: true));
        self::assertSame('1 barrel 4', (string) new Knots(1, new Barrel(), 4));
        self::assertSame('1 barrel 3', (string) new Knots(1, new Barrel()), 'as usual when nothing is said');
    }

    public function testFillsOrHasJustSoMany(): void
    {
        $knots = new Knots(6, new Square(), cord: 'b');

        self::assertTrue($knots->repeatsBare());
        self::assertFalse($knots->filling(true)->repeatsBare(), 'what fills is in brackets where it repeats');
        self::assertSame('6 square in b', (string) $knots->filling(true)->filling(false));
        self::assertSame('1 square in b x fit', (string) $knots->filling(true)->freed());
    }

    public function testIsRenamedWithAllElse(): void
    {
        $knots = new Knots(2, new Barrel(), 4, 'b', fills: true);

        self::assertSame('2 barrel 4 in b0 fill', (string) $knots->renamed(static fn (string $name, int $i): string => $name.$i));
        $bare = new Knots(2, new Square());
        self::assertSame($bare, $bare->renamed(static fn (): string => 'x'));
    }

    public function testIsCountedWithinItsBounds(): void
    {
        $knots = new Knots(6, new Barrel(), 4, 'b', fills: true);

        self::assertSame([1, 8, Knots::MOST], array_map(
            static fn (int $count): int => $knots->times($count)->count(),
            [0, 8, Knots::MOST + 1],
        ));
        self::assertSame('8 barrel 4 in b fill', (string) $knots->times(8));
    }

    #[TestWith([0, null])]
    #[TestWith([Knots::MOST + 1, null])]
    #[TestWith([1, Knots::WRAPS[0] - 1])]
    #[TestWith([1, Knots::WRAPS[1] + 1])]
    public function testHoldsItsBounds(int $count, ?int $wraps): void
    {
        $this->expectException(\DomainException::class);
        self::assertNull((new Knots($count, new Barrel(), $wraps))->place());
    }
}
