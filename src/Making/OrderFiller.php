<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Sizing\Size;

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
        private Pieces $pieces,
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
     * Puts so many of one size of a piece into an order: as a change of the wearer where that is all, as a piece of its
     * own where the size is another pattern.
     *
     * @throws PieceUnreadable If they cannot be planned so; then none is added
     */
    public function addSize(StoredOrder $order, StoredPiece $piece, Size $size, int $count): void
    {
        $wearing = $size->wish->wearing;
        $changes = array_filter([
            'for' => $wearing->whom ?? '',
            'girth' => (string) $wearing->wearer->girth,
            'hand' => $wearing->wearer->hand?->__toString() ?? '',
        ], static fn (string $text): bool => '' !== $text);
        $as = $this->plans->spec($this->makings->plan($piece, $order, $changes));
        $isChange = self::told($as) === self::told($size->wish);
        $this->add(
            $order,
            $isChange ? $piece : $this->pieces->add($size->wish->renamed($this->pieces->freeName($size->wish->name))),
            $count,
            $isChange ? $changes : [],
        );
    }

    /**
     * Returns what a piece is but for its name.
     */
    private static function told(PieceSpec $spec): string
    {
        return (string) json_encode(['name' => ''] + (new PieceWriter())->write($spec));
    }

    /**
     * Returns the changes with the girth of whom it is for, where somebody measured that and nobody says another: a
     * wearer has their own measures, never those of whom the piece was planned for.
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
