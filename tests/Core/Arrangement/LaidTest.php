<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Arrangement;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Arrangement\Laid;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Pattern;

final class LaidTest extends TestCase
{
    public function testBeadsTakeThePlaceOfThoseThatLieThere(): void
    {
        $run = new Beads(2, BeadOrder::AsNamed, [[1, 'sun'], [1, 'sky']]);
        $laid = static fn (string $pattern): ?string => ($into = Laid::in(
            Pattern::parse($pattern, Unit::Millimetre),
            $run,
        )) instanceof Pattern ? (string) $into : null;

        self::assertSame('2 square, 2 bead sun sky, mirror', $laid('2 square, 3 bead a, (1 bead b) x 2, mirror'));
        self::assertNull($laid('2 square'));
    }

    public function testOfAMirrorHalfAreWanted(): void
    {
        $of = static fn (string $text): Pattern => Pattern::parse($text, Unit::Millimetre);

        self::assertSame(8, Laid::wanted($of('3 bead a'), 8));
        self::assertSame(4, Laid::wanted($of('3 bead a, mirror'), 8));
        self::assertSame(1, Laid::wanted($of('3 bead a, mirror'), 1));
        self::assertSame(['moon', 'leaf'], Laid::elsewhere($of('3 bead a, focal moon, hang leaf, focal moon')));
        self::assertFalse(Laid::isThere($of('1 bead a on left')));
    }
}
