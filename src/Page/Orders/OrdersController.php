<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Making\Progress;
use Rinkel\App\Orders\Orders;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Table\WorkCalendar;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What was asked for: all of it, and a new one.
 */
#[Route('/orders')]
final class OrdersController extends AbstractController
{
    /** So many pieces are offered to put into an order. */
    public const OFFERED = 60;

    public function __construct(
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly OrderFiller $filler,
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', 'orders', methods: 'GET')]
    public function all(Request $request): Response
    {
        return $this->list(LooseData::query($request)->has('closed'), [], []);
    }

    #[Route('', 'order_ask', methods: 'POST')]
    public function ask(Request $request): Response
    {
        $sent = LooseData::form($request);
        $typed = $sent->within('o')->typed(2000);
        try {
            $order = $this->orders->ask($typed);
        } catch (PieceUnreadable $unreadable) {
            return $this->list(false, $typed, $unreadable->byPath());
        }
        foreach ($sent->ids('p') as $id) {
            $piece = $this->pieces->find($id);
            try {
                if (null !== $piece) {
                    $this->filler->add(
                        $order,
                        $piece,
                        $sent->within('n')->number((string) $id, 1, OrderFiller::MOST, 1) ?? 1,
                        [],
                    );
                }
            } catch (PieceUnreadable) {
                // Its own page says what is wrong with it; the order stands without it.
            }
        }

        return $this->redirectToRoute('order', ['id' => $order->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * Answers with all orders as a table for other programs, by RFC 4180.
     */
    #[Route('.csv', 'orders_csv', methods: 'GET')]
    public function csv(): Response
    {
        $rows = [
            ['name', 'for', 'due', 'asked', 'things', 'made', 'delivered', 'price', 'post', 'paid', 'owed', 'closed'],
        ];
        $orders = [...$this->orders->open(), ...$this->orders->closed()];
        $makings = $this->makings->byOrder($orders);
        foreach ($orders as $order) {
            $counts = Progress::of($makings[$order->id()] ?? []);
            $rows[] = [
                $order->text('name'), $order->text('for'), $order->text('due'), $order->askedAt()->format(\DATE_ATOM),
                (string) $counts->all, (string) ($counts->counts['made'] ?? 0),
                (string) ($counts->counts['delivered'] ?? 0),
                $order->text('price'), $order->text('post'), $order->text('paid'), (string) $order->owed(),
                $order->closedAt()?->format(\DATE_ATOM) ?? '',
            ];
        }

        return Streamed::csv('rinkel-orders.csv', $rows);
    }

    /**
     * Answers with the days of the work for other calendars.
     */
    #[Route('/calendar.ics', 'orders_calendar', methods: 'GET')]
    public function calendar(WorkCalendar $calendar): Response
    {
        return new Response($calendar->text(), headers: [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="rinkel.ics"',
        ]);
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    private function list(bool $closed, array $typed, array $faults): Response
    {
        $orders = $closed ? $this->orders->closed() : $this->orders->open();

        return $this->render('orders/orders.html.twig', [
            'orders' => $orders,
            'progress' => array_map(Progress::of(...), $this->makings->byOrder($orders)),
            'closed' => $closed,
            'now' => $this->clock->now(),
            'whom' => $this->people->names(),
            'offered' => $this->pieces->onTheTable(self::OFFERED),
            'typed' => $typed,
            'faults' => $faults,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
