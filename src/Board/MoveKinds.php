<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\Core\Making\Pace;
use Rinkel\Core\Work\Acts;

/**
 * Of which kind each move of a making is, as far as pace goes: runs of the same, so that a tap is counted without a plan.
 */
final readonly class MoveKinds
{
    /** Moves of all runs together. */
    public int $total;

    /**
     * @param list<array{string, int}> $runs kinds, each with how many moves of it follow one another
     */
    public function __construct(public array $runs)
    {
        $this->total = array_sum(array_column($runs, 1));
    }

    public static function of(Acts $acts): self
    {
        $runs = [];
        foreach ($acts->all as $act) {
            for ($i = 0; $i < $act->stint->count; ++$i) {
                $kind = Pace::kind($act, $i);
                $last = array_pop($runs);
                if (null !== $last && $last[0] !== $kind) {
                    $runs[] = $last;
                    $last = null;
                }
                $runs[] = [$kind, 1 + ($last[1] ?? 0)];
            }
        }

        return new self($runs);
    }

    /**
     * Returns the kind of the move that comes after so many; "" when none does.
     */
    public function after(int $done): string
    {
        foreach ($this->runs as [$kind, $count]) {
            if ($done < $count) {
                return $kind;
            }
            $done -= $count;
        }

        return '';
    }

    /**
     * Returns so many moves as there can be.
     */
    public function within(int $moves): int
    {
        return max(0, min($this->total, $moves));
    }
}
