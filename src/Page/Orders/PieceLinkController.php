<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Making\Makings;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * A customer's link to one piece: to the order that is of it alone, which is opened where there is none.
 */
final class PieceLinkController extends AbstractController
{
    public function __construct(
        private readonly Pieces $pieces,
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly OrderFiller $filler,
    ) {}

    #[Route('/pieces/{id}/customer', 'piece_customer', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function toCustomer(int $id): Response
    {
        $piece = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        try {
            $order = $this->alone($piece) ?? $this->opened($piece);
        } catch (PieceUnreadable) {
            return $this->redirectToRoute('piece', ['id' => $id], Response::HTTP_SEE_OTHER); // it says what is wrong
        }

        return $this->redirectToRoute(
            'order',
            ['id' => $order->id(), '_fragment' => 'customer'],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * Returns the open order in which nothing but one of this piece is, and of which nothing is cut.
     */
    private function alone(StoredPiece $piece): ?StoredOrder
    {
        foreach ($this->makings->running($piece) as $making) {
            $order = $making->order();
            if (null !== $order && null === $order->closedAt() && 1 === \count($this->makings->ofOrder($order))) {
                return $order;
            }
        }

        return null;
    }

    /**
     * @throws PieceUnreadable If the piece cannot be planned
     */
    private function opened(StoredPiece $piece): StoredOrder
    {
        $said = $piece->document();
        $order = $this->orders->ask([
            'name' => \is_string($said['name'] ?? null) ? mb_substr($said['name'], 0, 200) : '',
            'for' => $piece->whom(),
        ]);
        $this->filler->add($order, $piece, 1, []);

        return $order;
    }
}
