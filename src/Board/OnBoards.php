<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\Operation;
use Rinkel\Core\Sizing\Series;

/**
 * What one board shows of those that are worked on together with it.
 */
final readonly class OnBoards
{
    /**
     * @param Operation|null                       $operation what is done here; null once all is made
     * @param list<array{StoredBoard, bool, bool}> $boards    each with whether it has that behind it, and is shown
     * @param int                                  $until     moves of this one after which it is another's turn
     * @param int|null                             $next      whose turn it is then; null where it stays this one's
     * @param int|null                             $due       whose turn it is now; null where it is this one's
     */
    private function __construct(
        public ?Operation $operation,
        public array $boards,
        public int $until,
        public ?int $next,
        public ?int $due,
    ) {}

    /**
     * @param list<StoredBoard> $boards
     * @param list<Plan>        $plans  of each
     * @param array<int, int>   $places of each, the act in hand
     * @param int               $here   the one that is shown
     */
    public static function of(Series $series, array $boards, array $plans, array $places, int $here): self
    {
        [$turn, $due, $next] = [$series->turnOf($here, $places[$here]), $series->next($places), $here];
        for ($after = $turn; null !== $after && $next === $here; $after = $series->turnOf($here, $places[$here])) {
            $places[$here] = $after[1];
            $next = $series->next($places);
        }
        $behind = static fn (int $which): bool => $which !== $here
            && ($series->turnOf($which, $places[$which])[0] ?? \PHP_INT_MAX) > ($turn[0] ?? -1);

        return new self(
            null === $turn ? null : $series->turns[$turn[0]]->operation,
            array_map(
                static fn (int $which): array => [$boards[$which], $behind($which), $which === $here],
                array_keys($boards),
            ),
            $plans[$here]->acts()->before($places[$here]),
            $next === $here ? null : $next,
            $due === $here ? null : $due,
        );
    }

    /**
     * Returns of how many what is done here is done.
     */
    public function done(): int
    {
        return \count(array_filter(array_column($this->boards, 1)));
    }
}
