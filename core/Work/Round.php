<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * Acts that are done over and over, in the same words: the first of them, how many, and how often; or one done once.
 *
 * @internal
 */
final readonly class Round
{
    /** More acts than that nobody keeps in mind as one round. */
    private const MOST = 16;

    /**
     * @param int $from   place of its first act, from 0
     * @param int $length acts in it
     */
    public function __construct(
        public int $from,
        public int $length,
        public int $times,
    ) {}

    /**
     * Splits acts into what is done once and what is done over and over, where that says at least two fewer.
     *
     * @param list<Act> $acts
     *
     * @return list<self> that cover them all, in order
     */
    public static function of(array $acts): array
    {
        $told = array_map(static fn (Act $act): string => $act->told(), $acts);
        $rounds = [];
        for ($i = 0; $i < \count($acts); $i += $best->length * $best->times) {
            $best = new self($i, 1, 1);
            for ($length = 1; $length <= self::MOST; ++$length) {
                $times = self::times($told, $i, $length);
                if (($times - 1) * $length > max(1, ($best->times - 1) * $best->length)) {
                    $best = new self($i, $length, $times);
                }
            }
            $rounds[] = $best;
        }

        return $rounds;
    }

    /**
     * Returns how often what begins at $from is told, one after the other.
     *
     * @param list<string> $told
     */
    private static function times(array $told, int $from, int $length): int
    {
        $i = $from;
        while (isset($told[$i + $length]) && $told[$i] === $told[$i + $length]) {
            ++$i;
        }

        return 1 + intdiv($i - $from, $length);
    }
}
