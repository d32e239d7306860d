<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Letters;
use Rinkel\Core\Stock\Counted;

final class CountedTest extends TestCase
{
    public function testFewAreFewerThanSaid(): void
    {
        $low = static fn (?int $stock, ?int $low): bool => Counted::findings('x', Finding::of(FindingKind::Ring, stock: $stock), $low)->isLow();

        self::assertSame([true, false, false, false], [$low(4, 5), $low(5, 5), $low(null, 5), $low(0, null)]);
    }

    public function testLetterBeadsAreCountedLetterByLetter(): void
    {
        $letters = Letters::parse('A3 B2');
        $beads = Counted::beads('x', Bead::of(BeadShape::Cube, Colour::parse('#ffffff'), stock: 99, letters: $letters));

        self::assertSame(5, $beads->count);
        self::assertSame($letters, $beads->letters());
        $plain = Counted::beads('y', Bead::of(BeadShape::Round, Colour::parse('#ffffff'), stock: 99));
        self::assertSame([99, null], [$plain->count, $plain->letters()]);
        self::assertSame($plain->what->materialKey(), $plain->materialKey());
        self::assertNull(Counted::findings('z', Finding::of(FindingKind::Ring))->letters());
    }
}
