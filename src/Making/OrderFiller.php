<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\People\People;
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
        private People $people,
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
        $changes = $this->measured($piece, $changes);
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

    /**
     * Returns the changes with the girth of whom it is for, where somebody measured that and nobody says another: a
     * wearer has her own measures, never those of whom the piece was planned for.
     *
     * @param array<string, string> $changes
     *
     * @return array<string, string>
     */
    private function measured(StoredPiece $piece, array $changes): array
    {
        $whom = trim($changes['for'] ?? '');
        if ('' === $whom || '' !== trim($changes['girth'] ?? '')) {
            return $changes;
        }
        $wearer = $piece->document()['wearer'] ?? null;
        $place = \is_array($wearer) && \is_string($wearer['place'] ?? null) ? $wearer['place'] : 'wrist';
        $person = $this->people->named($whom);
        $girth = $person?->latest()?->length($place);
        $hand = 'wrist' === $place ? $person?->latest()?->length('hand') : null;

        return array_filter([
            'girth' => null === $girth ? '' : (string) $girth,
            'hand' => null === $hand ? '' : (string) $hand,
        ], static fn (string $text): bool => '' !== $text) + $changes;
    }
}
