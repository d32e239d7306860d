<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Rinkel\App\Stock\Glues;
use Rinkel\Core\Making\Pace;

/**
 * How fast this maker is, by the taps of their boards.
 */
final class Paces
{
    /** A pause of more than two minutes, in ms, is none of the work. */
    private const PAUSE = 120_000;

    /** Taps of a kind from which on they tell of a pace. */
    private const ENOUGH = 5;

    /**
     * Taps closer than this, in ms, count moves that were made before: they say nothing about pace, nor does what lies
     * before the first of them (judgement: no hand ties, strings or pulls tight in less than a second).
     */
    private const BURST = 1000;

    /** @var list<mixed>|false of how many taps what is known tells */
    private array|false $taps = false;

    /** @var array<string, float> */
    private array $own = [];

    public function __construct(
        private readonly Connection $connection,
        private readonly Glues $glues,
    ) {}

    /**
     * Returns for how many minutes hands were on it, by its taps: pauses of more than two minutes are none of it.
     */
    public function minutes(StoredBoard $board): int
    {
        $times = array_map(
            static fn (mixed $at): int => is_numeric($at) ? (int) $at : 0,
            $this->connection->fetchFirstColumn(
                'SELECT at FROM board_tap WHERE board_id = ? ORDER BY at',
                [$board->id()],
            ),
        );
        $worked = 0;
        foreach (\array_slice($times, 1) as $i => $at) {
            $worked += $at - $times[$i] < self::PAUSE ? $at - $times[$i] : 0;
        }

        return (int) ceil($worked / 60_000);
    }

    /**
     * Returns this maker's pace, by the taps of all boards: of each kind of move the median of what lies between two,
     * from five on. Longer than two minutes is a pause.
     */
    public function pace(): Pace
    {
        $taps = $this->connection->fetchNumeric('SELECT MAX(id), COUNT(*) FROM board_tap');
        if ($taps !== $this->taps) {
            [$this->taps, $this->own] = [$taps, $this->own()];
        }

        return new Pace($this->own, $this->glues->dries());
    }

    /**
     * @return array<string, float> seconds of each kind of move
     */
    private function own(): array
    {
        $rows = $this->connection->fetchAllAssociative(
            "SELECT kind, at - before AS gap FROM (
                SELECT kind, at, LAG(at) OVER (PARTITION BY board_id ORDER BY number) AS before,
                    LEAD(at) OVER (PARTITION BY board_id ORDER BY number) AS after,
                    ROW_NUMBER() OVER (PARTITION BY kind ORDER BY id DESC) AS latest FROM board_tap
            ) taps WHERE kind <> '' AND before IS NOT NULL AND at - before BETWEEN :burst AND :pause AND latest <= 400
                AND (after IS NULL OR after - at >= :burst)",
            ['burst' => self::BURST, 'pause' => self::PAUSE],
            ['burst' => ParameterType::INTEGER, 'pause' => ParameterType::INTEGER],
        );
        $gaps = [];
        foreach ($rows as $row) {
            if (\is_string($row['kind']) && is_numeric($row['gap'])) {
                $gaps[$row['kind']][] = (float) $row['gap'] / 1000;
            }
        }
        $own = [];
        foreach (array_filter($gaps, static fn (array $some): bool => \count($some) >= self::ENOUGH) as $kind => $some) {
            sort($some);
            $own[$kind] = $some[intdiv(\count($some), 2)] * ('knot square' === $kind ? 2 : 1);
        }

        return $own;
    }
}
