<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Lane;

final class BeadsTest extends TestCase
{
    public function testIsWrittenAsItIsRead(): void
    {
        self::assertSame('3 bead dot', (string) new Beads(3, BeadOrder::AsNamed, [[1, 'dot']]));
        self::assertSame(
            '6 bead '.BeadOrder::ByValue->value.' 2 dot dash on left',
            (string) new Beads(6, BeadOrder::ByValue, [[2, 'dot'], [1, 'dash']], Lane::Left),
        );
        self::assertSame(
            '6 bead dot on strand 2',
            (string) new Beads(6, BeadOrder::AsNamed, [[1, 'dot']], Lane::Strand, 2),
        );
    }

    public function testChangesSides(): void
    {
        $beads = static fn (Lane $lane, ?int $strand = null): Beads => new Beads(2, BeadOrder::AsNamed, [[1, 'dot']], $lane, $strand);

        self::assertSame(Lane::Right, $beads(Lane::Left)->swapped(2)->lane);
        self::assertSame(Lane::Core, $beads(Lane::Core)->swapped(2)->lane);
        self::assertSame([3, 1, 5], array_map(
            static fn (int $strand): ?int => $beads(Lane::Strand, $strand)->swapped(3)->strand,
            [1, 3, 5],
        ), 'a core that is not there stays where it is');
    }

    public function testGoesOnWhereItEnded(): void
    {
        $beads = static fn (int $count, BeadOrder $order): string => (string) (new Beads($count, $order, [[2, 'a'], [1, 'b']]))->goingOn();

        self::assertSame('4 bead '.BeadOrder::ByValue->value.' a b a', $beads(4, BeadOrder::ByValue));
        self::assertSame('6 bead '.BeadOrder::ByValue->value.' 2 a b', $beads(6, BeadOrder::ByValue), 'it ended with the last');
        self::assertSame('4 bead 2 a b', $beads(4, BeadOrder::AsNamed), 'their order is not by turns');
    }

    public function testIsRenamedNameByName(): void
    {
        $renamed = (new Beads(6, BeadOrder::AsNamed, [[2, 'a'], [1, 'b']], Lane::Strand, 2))
            ->renamed(static fn (string $name, int $i): string => $name.$i);

        self::assertSame('6 bead 2 a0 b1 on strand 2', (string) $renamed);
    }

    public function testAsManyAsFitAreBeadsOneByOne(): void
    {
        self::assertSame('1 bead dot x fit', (string) (new Beads(7, BeadOrder::AsNamed, [[1, 'dot']]))->freed());
    }
}
