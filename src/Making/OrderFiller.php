<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Puts things into an order: so many of a piece, each as it is or with another wearer, girth or colour.
 */
final readonly class OrderFiller
{
    /** So many things of one piece at once (judgement: more are no order of one maker). */
    public const MOST = 100;

    public function __construct(
        private Makings $makings,
        private MakingPlans $plans,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * @param array<string, string> $changes what is other of them than of the piece; what is empty stays
     *
     * @return list<StoredMaking>
     *
     * @throws PieceUnreadable If they cannot be planned so; then none is added
     */
    public function add(StoredOrder $order, StoredPiece $piece, int $count, array $changes): array
    {
        $changes = KeptMakings::changes(array_filter(
            array_map(trim(...), $changes),
            static fn (string $text): bool => '' !== $text,
        ));
        $this->plans->plan($this->makings->plan($piece, $order, $changes));

        return $this->alone->run(function () use ($order, $piece, $count, $changes): array {
            $number = 1 + \count(array_filter(
                $this->makings->ofOrder($order),
                static fn (StoredMaking $one): bool => $one->piece() === $piece,
            ));
            $added = [];
            for ($i = 0; $i < min(self::MOST, max(1, $count)); ++$i) {
                $making = $this->makings->plan($piece, $order, $changes, $number + $i);
                $this->makings->keep($making);
                $added[] = $making;
            }

            return $added;
        }, $order);
    }
}
