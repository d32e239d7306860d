<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Together;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What was asked for: from the request to the parcel.
 */
#[Route('/orders')]
final class OrderController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly OrderFiller $filler,
        private readonly Boards $boards,
        private readonly Pieces $pieces,
        private readonly OrderView $view,
        private readonly CustomerSide $customer,
    ) {}

    #[Route('/{id}', 'order', requirements: self::ID, methods: 'GET')]
    public function show(StoredOrder $order, Request $request): Response
    {
        return $this->page($order, [], [], [], LooseData::query($request)->number('late', 0, 999, 0));
    }

    #[Route('/{id}', 'order_change', requirements: self::ID, methods: 'POST')]
    public function change(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $typed = LooseData::form($request)->within('o')->typed(2000);
        try {
            $isPriced = ($typed['price'] ?? '') !== $order->text('price');
            $this->orders->change($order, [
                'kit' => '1' === ($typed['kit'] ?? ''),
                'basis' => $isPriced ? $this->view->basis($order) : $order->text('basis'),
            ] + $typed);

            return $this->to($order);
        } catch (PieceUnreadable $unreadable) {
            return $this->page($this->order($id), $typed, $unreadable->byPath(), []);
        }
    }

    /**
     * Puts so many of a piece into an order.
     */
    #[Route('/{id}/add', 'order_add', requirements: self::ID, methods: 'POST')]
    public function add(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $sent = LooseData::form($request);
        $typed = $sent->within('a')->typed(500);
        $piece = $this->pieces->find($sent->id('piece'));
        $count = $sent->exact('count', 1, OrderFiller::MOST);
        if (null === $piece || null === $count) {
            return $this->page($order, [], [], ['piece' => (string) $sent->id('piece'), 'count' => $sent->raw('count'),
                'fault' => null === $piece ? 'piece' : 'count'] + $typed);
        }
        try {
            $this->filler->add($order, $piece, $count, $typed);

            return $this->to($order);
        } catch (PieceUnreadable $unreadable) {
            return $this->page($this->order($id), [], [], [
                'piece' => (string) $piece->id(),
                'count' => (string) $count,
                'said' => $unreadable->faults[0],
            ] + $typed);
        }
    }

    /**
     * Does one stage for all things of an order that stand before it.
     */
    #[Route('/{id}/all', 'order_all', requirements: self::ID, methods: 'POST')]
    public function together(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $to = MakingState::tryFrom(LooseData::form($request)->raw('to'));
        foreach ($this->makings->ofOrder($order) as $making) {
            if (MakingState::Delivered === $to) {
                $this->makings->delivered($making, true);
            } elseif (MakingState::OnBoard === $to && MakingState::Cut === $making->state()) {
                $this->boards->lay($making);
            }
        }

        return $this->to($order);
    }

    /**
     * Goes to the board on which an order goes on: of those that are farthest behind, the first.
     */
    #[Route('/{id}/board', 'order_board', requirements: self::ID, methods: 'GET')]
    public function board(StoredOrder $order, Together $together): Response
    {
        $board = $together->next($order);

        return null === $board ? $this->to($order) : $this->redirectToRoute('board', ['id' => $board->id()]);
    }

    #[Route('/{id}/close', 'order_close', requirements: self::ID, methods: 'POST')]
    public function close(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $this->orders->close($order, !LooseData::form($request)->has('open'));

        return $this->to($order);
    }

    /**
     * Deletes an order; what was cut or made for it stays, of its own.
     */
    #[Route('/{id}/delete', 'order_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id, Bin $bin, KeptOrders $kept): Response
    {
        $order = $this->order($id);
        $this->makings->release($order);
        $removal = $bin->put($kept, $order);

        return $this->redirectToRoute('orders', ['removed' => $removal->uid], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     * @param array<string, mixed>                 $adding what could not be put into it
     * @param int                                  $late   things for which its customer chose too late
     */
    private function page(StoredOrder $order, array $typed, array $faults, array $adding, int $late = 0): Response
    {
        $isWrong = [] !== $faults || [] !== $adding;

        return $this->render('orders/order.html.twig', $this->view->of($order) + $this->customer->of($order) + [
            'said' => $typed + $order->document(),
            'faults' => $faults,
            'adding' => $adding,
            'late' => $late,
        ], new Response(status: $isWrong ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_OK));
    }

    /**
     * Returns an order as it is within the request's own transaction.
     */
    private function order(int $id): StoredOrder
    {
        return $this->orders->find($id) ?? throw $this->createNotFoundException();
    }

    private function to(StoredOrder $order): Response
    {
        return $this->redirectToRoute('order', ['id' => $order->id()], Response::HTTP_SEE_OTHER);
    }
}
