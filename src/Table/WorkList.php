<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Platform\Wording\Times;

/**
 * The work as it lies on the Table: late and due first, then what is on the board, what dries, what is to be cut, and
 * what was delivered lately. It plans nothing, and reads wholly only what is shown.
 *
 * @phpstan-type Standing array{
 *     id: int, piece: int, group: string, state: string, due: string, whom: string, isDrying: bool
 * }
 */
final readonly class WorkList
{
    /** So many lines are shown at once (judgement: more is a screen of its own). */
    public const SHOWN = 24;

    /** Due within so many days stands before what is not. */
    private const SOON = 7;

    /** So long what was delivered is still in sight, in days. */
    private const LATELY = 7;

    /** In which order what is not due soon stands. */
    private const RANKS = ['board' => 0, 'drying' => 1, 'cut' => 2, 'planned' => 3, 'made' => 4, 'delivered' => 5];

    /** What is on the way, what is made for an order and not delivered, and what was delivered lately. */
    private const IN_WORK = <<<'SQL'
        SELECT making.id, making.piece_id, making.order_id, board.id AS board_id, board.clocks,
            CASE WHEN making.delivered_at IS NOT NULL THEN 'delivered' WHEN making.made_at IS NOT NULL THEN 'made'
                WHEN making.board_at IS NOT NULL THEN 'board' WHEN making.cut_at IS NOT NULL THEN 'cut'
                ELSE 'planned' END AS state,
            json_extract(asked.document, '$.due') AS due,
            COALESCE(json_extract(making.changes, '$.for'), json_extract(asked.document, '$.for'), piece.whom, '') AS whom
        FROM making LEFT JOIN piece ON piece.id = making.piece_id
            LEFT JOIN customer_order asked ON asked.id = making.order_id
            LEFT JOIN board ON board.making_id = making.id AND board.finished_at IS NULL
        WHERE (making.piece_id IS NOT NULL OR making.name <> '') AND (
            (making.made_at IS NULL AND (piece.archived_at IS NULL OR making.board_at IS NOT NULL))
            OR (making.made_at IS NOT NULL AND making.delivered_at IS NULL AND asked.id IS NOT NULL
                AND asked.closed_at IS NULL)
            OR making.delivered_at > ?
        ) ORDER BY making.id
        SQL;

    public function __construct(
        private Connection $connection,
        private Makings $makings,
        private Boards $boards,
        private ClockInterface $clock,
        private Times $times,
    ) {}

    /**
     * @param string                $state of those that are asked for, "drying" among them; "" for all
     * @param string                $whom  they are for; "" for anybody
     * @param array<int, true>|null $of    by id the pieces that are looked for; null for any
     *
     * @return array{list<WorkLine>, int, array<string, int>, list<string>} the first lines, how many there are in all,
     *                                                                      how many of each state, and for whom they are
     */
    public function lines(int $most = self::SHOWN, string $state = '', string $whom = '', ?array $of = null): array
    {
        $now = $this->times->today($this->clock->now());
        [$groups, $states, $people] = [[], [], []];
        foreach ($this->standing($now) as $one) {
            if (null !== $of && !isset($of[$one['piece']])) {
                continue;
            }
            $is = $one['isDrying'] ? 'drying' : $one['state'];
            $people[$one['whom']] = true;
            $states[$is] ??= [];
            $states[$is][$one['group']] = true;
            if (('' === $state || $state === $is) && ('' === $whom || $whom === $one['whom'])) {
                $groups[$one['group']][] = $one;
            }
        }
        $groups = array_values($groups);
        usort($groups, fn (array $one, array $other): int => $this->rank($one[0], $now) <=> $this->rank($other[0], $now));

        $counts = array_map(static fn (array $all): int => \count($all), array_intersect_key(
            array_replace(array_fill_keys(array_keys(self::RANKS), []), $states),
            $states,
        ));
        ksort($people);

        return [
            $this->read(\array_slice($groups, 0, $most), $now),
            \count($groups),
            $counts,
            array_values(array_filter(array_map(strval(...), array_keys($people)), static fn (string $one): bool => '' !== $one)),
        ];
    }

    /**
     * @return iterable<Standing>
     */
    private function standing(\DateTimeImmutable $now): iterable
    {
        $time = $this->clock->now()->getTimestamp();
        $since = $now->modify('-'.self::LATELY.' days')->format('Y-m-d H:i:s');
        foreach ($this->connection->iterateAssociative(self::IN_WORK, [$since]) as $row) {
            $text = static fn (string $name): string => \is_scalar($row[$name]) ? (string) $row[$name] : '';
            $clocks = json_decode($text('clocks') ?: '[]', true);
            $ends = array_column(\is_array($clocks) ? $clocks : [], 'ends');
            yield [
                'id' => (int) $text('id'),
                'piece' => (int) $text('piece_id'),
                'group' => '' !== $text('board_id')
                    ? 'board '.$text('board_id')
                    : implode(' ', [$text('order_id'), $text('piece_id'), $text('state')]),
                'state' => $text('state'),
                'due' => $text('due'),
                'whom' => $text('whom'),
                'isDrying' => [] !== array_filter($ends, static fn (mixed $end): bool => \is_int($end) && $end > $time),
            ];
        }
    }

    /**
     * @param list<non-empty-list<Standing>> $groups
     *
     * @return list<WorkLine>
     */
    private function read(array $groups, \DateTimeImmutable $now): array
    {
        $first = array_map(static fn (array $group): int => $group[0]['id'], $groups);
        $makings = $this->makings->these($first);
        $boards = [];
        foreach ($this->boards->inUse($first) as $board) {
            $boards[$board->making()->id()] = $board;
        }
        $lines = [];
        foreach ($groups as $group) {
            $making = $makings[$group[0]['id']] ?? null;
            if (null !== $making) {
                $board = $boards[$making->id()] ?? null;
                $lines[] = new WorkLine($making, array_column($group, 'id'), $board, $this->dries($board), true
                    === $making->order()?->isLate($now) && $making->state()->isBefore(MakingState::Delivered));
            }
        }

        return $lines;
    }

    private function dries(?StoredBoard $board): ?int
    {
        $ends = null === $board ? [] : array_column($this->boards->clocks($board), 'ends');
        $time = $this->clock->now()->getTimestamp();
        $runs = array_filter($ends, static fn (int $end): bool => $end > $time);

        return [] === $runs ? null : max($runs);
    }

    /**
     * @param Standing $one
     *
     * @return array{int, string, int, int}
     */
    private function rank(array $one, \DateTimeImmutable $now): array
    {
        $soon = $now->modify('+'.self::SOON.' days')->format('Y-m-d');
        $isSoon = 'delivered' !== $one['state'] && '' !== $one['due'] && $one['due'] <= $soon;

        return [
            $isSoon ? 0 : 1,
            $isSoon ? $one['due'] : '',
            self::RANKS[$one['isDrying'] ? 'drying' : $one['state']] ?? 9,
            -$one['id'],
        ];
    }
}
