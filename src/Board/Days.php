<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\Core\Making\Day;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;

/**
 * Orders the pieces that a maker chose for a day, each from where it stands; and keeps the day as they planned it.
 *
 * @phpstan-import-type Planned from StoredDay
 */
final readonly class Days
{
    /** So many pieces are offered. */
    private const MOST = 40;

    public function __construct(
        private EntityManagerInterface $manager,
        private Pieces $pieces,
        private Boards $boards,
        private Paces $paces,
        private Planner $planner,
        private ClockInterface $clock,
        private Times $times,
        private Randomizer $chance,
    ) {}

    /**
     * @return list<StoredPiece> that could be made, worked on last first
     */
    public function pieces(): array
    {
        return $this->pieces->onTheTable(self::MOST);
    }

    public function today(): string
    {
        return $this->times->today($this->clock->now())->format('Y-m-d');
    }

    /**
     * Returns a day as it was planned; one about which nothing is known begins at the next five minutes, or at nine.
     *
     * @return Planned
     */
    public function planned(string $day): array
    {
        $now = $this->clock->now()->setTimezone($this->times->zone())->modify('+4 minutes');

        return $this->stored($day)?->document() ?? KeptDays::planned([
            'begin' => $day === $this->today() && (int) $now->format('G') >= 9
                ? \sprintf('%s:%02d', $now->format('H'), 5 * intdiv((int) $now->format('i'), 5))
                : '09:00',
        ]);
    }

    /**
     * @param Planned $planned
     */
    public function keep(string $day, array $planned): void
    {
        $stored = $this->stored($day);
        if (null === $stored) {
            $stored = new StoredDay(bin2hex($this->chance->getBytes(16)), $day, $planned);
            $this->manager->persist($stored);
        }
        $stored->plan($day, $planned);
        $this->manager->flush();
    }

    /**
     * @param list<int> $ids of pieces
     *
     * @return list<string> the uids of those that there are, so many as are a day
     */
    public function uids(array $ids): array
    {
        return array_map(
            static fn (StoredPiece $piece): string => $piece->uid(),
            \array_slice(array_values(array_filter(array_map($this->pieces->find(...), $ids))), 0, KeptDays::MOST),
        );
    }

    /**
     * @param Planned $planned
     */
    public function of(string $day, array $planned): BenchDay
    {
        $boards = [];
        foreach ($this->boards->inUse() as $board) {
            $boards[$board->piece()?->id() ?? 0] ??= $board;
        }
        [$pieces, $chains, $pace] = [[], [], $this->paces->pace()];
        foreach (array_unique($planned['pieces']) as $uid) {
            $stored = $this->pieces->withUid($uid);
            if (null !== $stored && !$stored->isArchived()) {
                try {
                    $chains[] = $this->chain($stored, $boards[$stored->id()] ?? null, $pace);
                    $pieces[] = $stored;
                } catch (PieceUnreadable) {
                    // The Table says what is wrong with it.
                }
            }
        }
        $pins = self::pins($planned, $pieces, $chains);

        return new BenchDay(
            $pieces,
            $chains,
            $pins,
            Day::of($chains, $pins),
            new \DateTimeImmutable($day.' '.$planned['begin'], $this->times->zone()),
        );
    }

    private function stored(string $day): ?StoredDay
    {
        return $this->manager->getRepository(StoredDay::class)->findOneBy(['day' => $day]);
    }

    /**
     * @return list<array{int, int}> what is left of it
     *
     * @throws PieceUnreadable
     */
    private function chain(StoredPiece $stored, ?StoredBoard $board, Pace $pace): array
    {
        $plan = null === $board ? $this->planner->plan($this->pieces->piece($stored)) : $this->boards->plan($board);

        return array_map(
            static fn (array $stretch): array => [(int) ceil($stretch[0]), $stretch[1]],
            $pace->chain($plan->acts(), $board?->moves() ?? 0),
        );
    }

    /**
     * Returns the pins in minutes from the beginning; a time before it is of the night after.
     *
     * @param Planned                     $planned
     * @param list<StoredPiece>           $pieces
     * @param list<list<array{int, int}>> $chains
     *
     * @return array<int, array<int, int>>
     */
    private static function pins(array $planned, array $pieces, array $chains): array
    {
        $pins = [];
        foreach ($planned['pins'] as $pin) {
            foreach ($pieces as $i => $piece) {
                $number = \count($chains[$i] ?? []) - $pin['left'];
                if ($piece->uid() === $pin['piece'] && $number >= 0) {
                    $pins[$i][$number] = (self::minute($pin['at']) - self::minute($planned['begin']) + 1440) % 1440;
                }
            }
        }

        return $pins;
    }

    private static function minute(string $clock): int
    {
        return 60 * (int) substr($clock, 0, 2) + (int) substr($clock, 3, 2);
    }
}
