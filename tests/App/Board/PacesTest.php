<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Board\Paces;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Stock\Glues;
use Rinkel\Core\Making\Pace;
use Rinkel\Tests\App\WebCase;

/**
 * How long the work takes, from the moments of its taps.
 */
final class PacesTest extends WebCase
{
    private const MINUTE = 60_000;

    public function testMinutesAreThoseBetweenTapsWithoutThePauses(): void
    {
        $board = $this->board();
        self::assertSame(0, $this->paces()->minutes($board), 'none yet');
        $this->tap($board, 'knot square', 0, self::MINUTE, self::MINUTE + 90_000);
        self::assertSame(3, $this->paces()->minutes($board), 'two minutes and a half, rounded up');
        // Two minutes without a tap are a pause; what follows counts on.
        $this->tap($board, 'knot square', self::MINUTE + 90_000 + 120_000, self::MINUTE + 90_000 + 150_000);
        self::assertSame(3, $this->paces()->minutes($board), 'half a minute more makes three');
        $this->tap($board, 'knot square', self::MINUTE + 90_000 + 150_001);
        self::assertSame(4, $this->paces()->minutes($board));
    }

    /**
     * The middle one of five and more; a flat knot is two taps. Taps in a burst, made good after the work, tell no
     * pace.
     */
    public function testAPaceIsTheMiddleOfTheMakersOwn(): void
    {
        $board = $this->board();
        $this->tap($board, 'knot square', 0, 10_000, 22_000, 36_000, 52_000);
        self::assertEquals($this->known([]), $this->paces()->pace(), 'four are too few');
        $this->tap($board, 'knot square', 70_000, 84_000);
        self::assertEquals($this->known(['knot square' => 28.0]), $this->paces()->pace(), '14 s, and two to a knot');
        $this->tap($board, 'knot square', 84_100, 84_200, 84_300, 84_400, 84_500, 84_600);
        self::assertEquals($this->known(['knot square' => 28.0]), $this->paces()->pace(), 'a burst');
        $this->tap($board, 'bead', 90_000, 93_000, 97_000, 102_000, 108_000, 115_000);
        self::assertEquals(
            $this->known(['knot square' => 28.0, 'bead' => 5.4]),
            $this->paces()->pace(),
            'the upper one of two in the middle of 3, 4, 5, 5.4, 6 and 7 s',
        );
    }

    /**
     * @param array<string, float> $own
     */
    private function known(array $own): Pace
    {
        return new Pace($own, self::getContainer()->get(Glues::class)->dries());
    }

    private function paces(): Paces
    {
        return self::getContainer()->get(Paces::class);
    }

    private function board(): StoredBoard
    {
        $this->browser->request('POST', '/pieces/'.$this->lay()->id().'/board');
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $board = $entities->getRepository(StoredBoard::class)->findOneBy([]);
        self::assertInstanceOf(StoredBoard::class, $board);

        return $board;
    }

    private function tap(StoredBoard $board, string $kind, int ...$at): void
    {
        $connection = self::getContainer()->get(Connection::class);
        foreach ($at as $moment) {
            $there = $connection->fetchOne('SELECT COUNT(*) FROM board_tap');
            $number = is_numeric($there) ? (int) $there + 1 : 1;
            $connection->insert('board_tap', [
                'board_id' => $board->id(), 'uid' => \sprintf('%024d', $number), 'number' => $number, 'done' => $number,
                'at' => $moment, 'kind' => $kind,
            ]);
        }
    }
}
