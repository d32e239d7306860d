<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Exchange;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;

final class GroupTest extends TestCase
{
    public function testStandsInBracketsOnlyWhereItMust(): void
    {
        self::assertSame('3 square x 2', (string) new Group([new Knots(3, new Square())], 2));
        self::assertSame('(3 square fill) x 2', (string) new Group([new Knots(3, new Square(), fills: true)], 2));
        self::assertSame(
            '(3 square, gap 5 mm) x fit alternate exchanging a for b',
            (string) new Group(self::parts(), new Fit(), true, exchange: new Exchange([['a', 'b']])),
        );
    }

    public function testKeepsAllElseWhenOneThingChanges(): void
    {
        $group = new Group(self::parts(), 4, true, exchange: new Exchange([['a', 'b']]));

        self::assertSame('(3 square, gap 5 mm) x 7 alternate exchanging a for b', (string) $group->times(7));
        self::assertSame('(3 square, gap 5 mm) x fit alternate exchanging a for b', (string) $group->freed());
        self::assertSame('(3 square, gap 5 mm) x 2 exchanging a for b', (string) $group->repeating(2, false));
        self::assertSame('3 square x 4 alternate exchanging a for b', (string) $group->with([new Knots(3, new Square())]));
        self::assertSame(
            '(3 square, gap 5 mm) x 4 alternate exchanging a0 for b1',
            (string) $group->renamed(static fn (string $name, int $i): string => $name.$i),
        );
        self::assertSame(['a', 'b'], $group->names());
    }

    public function testIsCountedWithinItsBoundsOrFits(): void
    {
        $group = new Group(self::parts(), 4);

        self::assertSame([4, false], [$group->count(), $group->fits()]);
        self::assertSame([null, true], [$group->freed()->count(), $group->freed()->fits()]);
        self::assertSame([1, Group::MOST], [$group->times(0)->count(), $group->times(Group::MOST + 1)->count()]);
        $this->expectException(\DomainException::class);
        self::assertNull((new Group(self::parts(), 0))->place());
    }

    /**
     * @return non-empty-list<\Rinkel\Core\Pattern\Node>
     */
    private static function parts(): array
    {
        return [new Knots(3, new Square()), new Gap(Length::ofMillimetres(5))];
    }
}
