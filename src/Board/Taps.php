<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What is tapped at boards. It comes with every move, so that it plans nothing.
 */
final readonly class Taps
{
    /** Of one batch of taps; a device that has more sends them in turns. */
    private const MOST = 500;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private ExclusiveTransaction $alone,
        private Randomizer $chance,
        private MakingPlans $plans,
        private CacheItemPoolInterface $memory,
    ) {}

    public function board(int $id): ?StoredBoard
    {
        return $this->manager->find(StoredBoard::class, $id);
    }

    /**
     * Returns how a board stands, for all devices that show it.
     *
     * @return array{
     *     moves: int, number: int, finished: bool, plan: string, clocks: list<array{id: string, step: int, ends: int}>,
     * }
     */
    public function state(StoredBoard $board): array
    {
        return [
            'moves' => $board->moves(),
            'number' => $board->number(),
            'finished' => $board->isFinished(),
            'plan' => self::planOf($board),
            'clocks' => KeptBoards::isSound($board) ? $board->clocks() : [],
        ];
    }

    /**
     * Returns by what the plan of a board is told from another.
     */
    public static function planOf(StoredBoard $board): string
    {
        return hash('xxh3', serialize($board->making()->document()));
    }

    /**
     * Applies what a device sent, each tap once, in the order in which it was made there.
     *
     * @param list<array{id: string, by: int, at: int}> $taps
     */
    public function tapped(StoredBoard $board, array $taps): void
    {
        $this->alone->run(function () use ($board, $taps): void {
            $known = $this->known($board, array_column($taps, 'id'));
            $moves = $this->kinds($board);
            foreach (\array_slice($taps, 0, self::MOST) as $tap) {
                if (isset($known[$tap['id']])) {
                    continue;
                }
                $known[$tap['id']] = true;
                $before = $board->moves();
                $after = $moves->within($before + $tap['by']);
                $kind = 1 === $tap['by'] && $after > $before ? $moves->after($before) : '';
                $number = $board->come($after, $this->clock->now());
                $this->manager->persist(
                    new StoredTap($board, $tap['id'], $number, $after - $before, $tap['at'], $kind),
                );
            }
        }, $board);
    }

    /**
     * Returns the kinds of its moves as they were worked out last: they are others only when its plan is.
     *
     * @throws PieceUnreadable
     */
    private function kinds(StoredBoard $board): MoveKinds
    {
        $making = $board->making();
        $item = $this->memory->getItem(
            'rinkel.moves.'.hash('xxh128', serialize([$making->document(), $making->hand()])),
        );
        $known = $item->isHit() ? $item->get() : null;
        if (!$known instanceof MoveKinds) {
            $known = MoveKinds::of($this->plans->plan($making)->acts());
            $this->memory->save($item->set($known));
        }

        return $known;
    }

    /**
     * Counts by hand, as one device did just now.
     */
    public function one(StoredBoard $board, int $by): void
    {
        $at = (int) ($this->clock->now()->format('U') * 1000 + intdiv((int) $this->clock->now()->format('u'), 1000));
        $this->tapped($board, [['id' => $this->newId(), 'by' => $by, 'at' => $at]]);
    }

    /**
     * Returns an id that nothing has yet: of a tap, or of a clock that is started.
     */
    public function newId(): string
    {
        return bin2hex($this->chance->getBytes(8));
    }

    /**
     * @param list<string> $uids
     *
     * @return array<string, true>
     */
    private function known(StoredBoard $board, array $uids): array
    {
        $known = $this->manager->createQuery(
            \sprintf('SELECT tap.uid FROM %s tap WHERE tap.board = :board AND tap.uid IN (:uids)', StoredTap::class),
        )->setParameter('board', $board)->setParameter('uids', $uids)->getSingleColumnResult();

        return array_fill_keys(array_filter($known, is_string(...)), true);
    }
}
