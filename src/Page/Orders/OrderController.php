<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Brick\Math\BigDecimal;
use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Paces;
use Rinkel\App\Board\Together;
use Rinkel\App\Buying\Promised;
use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\Choosing;
use Rinkel\App\Cutting\Chosen;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\Log;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Making\Progress;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Money\Money;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\OrderReader;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Page\Paper\PaperController;
use Rinkel\App\Paper\Slip;
use Rinkel\App\Paper\SlipPaper;
use Rinkel\App\Paper\Slips;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Price\Costing;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\Series;
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

    /** So many pieces are offered to put into an order. */
    private const OFFERED = 60;

    public function __construct(
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly OrderFiller $filler,
        private readonly Boards $boards,
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly Choosing $choosing,
        private readonly Shopping $shopping,
        private readonly Promised $promised,
        private readonly Costing $costing,
        private readonly StockBox $stock,
        private readonly Paces $paces,
        private readonly Preferences $preferences,
        private readonly Wording $wording,
        private readonly Money $money,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', 'orders', methods: 'GET')]
    public function all(Request $request): Response
    {
        return $this->list(RequestData::query($request)->has('closed'), [], []);
    }

    #[Route('', 'order_ask', methods: 'POST')]
    public function ask(Request $request): Response
    {
        $sent = RequestData::form($request);
        $typed = $sent->within('o')->typed(2000);
        try {
            $order = $this->orders->ask($typed);
        } catch (PieceUnreadable $unreadable) {
            return $this->list(false, $typed, self::byField($unreadable));
        }
        foreach ($sent->ids('p') as $id) {
            $piece = $this->pieces->find($id);
            try {
                if (null !== $piece) {
                    $this->filler->add($order, $piece, $sent->within('n')->number((string) $id, 1, OrderFiller::MOST, 1) ?? 1, []);
                }
            } catch (PieceUnreadable) {
                // Its own page says what is wrong with it; the order stands without it.
            }
        }

        return $this->to($order);
    }

    /**
     * Answers with all orders as a table for other programs, by RFC 4180.
     */
    #[Route('.csv', 'orders_csv', methods: 'GET')]
    public function csv(): Response
    {
        $rows = [['name', 'for', 'due', 'asked', 'things', 'made', 'delivered', 'price', 'post', 'paid', 'owed', 'closed']];
        foreach ([...$this->orders->open(), ...$this->orders->closed()] as $order) {
            $counts = Progress::of($this->makings->ofOrder($order));
            $rows[] = [
                $order->text('name'), $order->text('for'), $order->text('due'), $order->askedAt()->format(\DATE_ATOM),
                (string) $counts->all, (string) ($counts->counts['made'] ?? 0), (string) ($counts->counts['delivered'] ?? 0),
                $order->text('price'), $order->text('post'), $order->text('paid'), (string) $order->owed(),
                $order->closedAt()?->format(\DATE_ATOM) ?? '',
            ];
        }

        return Streamed::csv('rinkel-orders.csv', $rows);
    }

    #[Route('/{id}', 'order', requirements: self::ID, methods: 'GET')]
    public function show(int $id): Response
    {
        return $this->page($this->order($id), [], [], []);
    }

    #[Route('/{id}', 'order_change', requirements: self::ID, methods: 'POST')]
    public function change(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $typed = RequestData::form($request)->within('o')->typed(2000);
        try {
            $isPriced = ($typed['price'] ?? '') !== $order->text('price');
            $this->orders->change($order, [
                'kit' => '1' === ($typed['kit'] ?? ''),
                'basis' => $isPriced ? $this->basis($order) : $order->text('basis'),
            ] + $typed);

            return $this->to($order);
        } catch (PieceUnreadable $unreadable) {
            return $this->page($this->order($id), $typed, self::byField($unreadable), []);
        }
    }

    /**
     * Puts so many of a piece into an order.
     */
    #[Route('/{id}/add', 'order_add', requirements: self::ID, methods: 'POST')]
    public function add(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $sent = RequestData::form($request);
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
        $to = MakingState::tryFrom(RequestData::form($request)->raw('to'));
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
    public function board(int $id, Together $together): Response
    {
        $order = $this->order($id);
        $board = $together->next($order);

        return null === $board ? $this->to($order) : $this->redirectToRoute('board', ['id' => $board->id()]);
    }

    /**
     * Answers with what the customer gets with her things.
     */
    #[Route('/{id}/slip', 'order_slip', requirements: self::ID, methods: 'GET')]
    public function slip(int $id, Slips $slips, Log $log): Response
    {
        $order = $this->order($id);
        $all = $this->choosing->all($this->makings->ofOrder($order))->pieces;
        $thick = array_map(static fn (array $one): Length => $one[1]->draft->ring->profile->thick, $all);

        return $this->render('orders/slip.html.twig', [
            'order' => $order,
            'slips' => $this->slips($all, $slips, $log),
            'thick' => $this->wording->length(Length::longest(Length::zero(), ...$thick), Unit::Millimetre),
        ]);
    }

    #[Route('/{id}/slip.pdf', 'order_slip_paper', requirements: self::ID, methods: 'GET')]
    public function slipPaper(int $id, Slips $slips, Log $log, SlipPaper $paper): Response
    {
        $order = $this->order($id);
        $all = $this->slips($this->choosing->all($this->makings->ofOrder($order))->pieces, $slips, $log);

        return PaperController::pdf($paper->pdf($order, array_column($all, 'slip')), 'rinkel-slip');
    }

    /**
     * @param list<array{StoredPiece, Plan, int, StoredMaking|null}> $all
     *
     * @return list<array{slip: Slip, count: int, making: int, photo: int|null, price: BigDecimal}> each kind once
     */
    private function slips(array $all, Slips $slips, Log $log): array
    {
        $groups = [];
        foreach ($all as $one) {
            $groups[spl_object_id($one[1])][] = $one;
        }
        $told = [];
        foreach ($groups as $group) {
            [$piece, $plan, , $making] = $group[0];
            $entry = null === $making || '' === $making->log() ? null : $log->withUid($making->log());
            $told[] = [
                'slip' => $slips->of($plan),
                'count' => \count($group),
                'making' => $making?->id() ?? 0,
                'photo' => true === $entry?->hasPhoto ? $entry->stored->id() : null,
                'price' => $this->costing->of(new Chosen([[$piece, $plan, 1, $making]]), Cutting::of([], []))->total(),
            ];
        }

        return $told;
    }

    #[Route('/{id}/close', 'order_close', requirements: self::ID, methods: 'POST')]
    public function close(int $id, Request $request): Response
    {
        $order = $this->order($id);
        $this->orders->close($order, !RequestData::form($request)->has('open'));

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
     */
    private function list(bool $closed, array $typed, array $faults): Response
    {
        $orders = $closed ? $this->orders->closed() : $this->orders->open();
        $progress = [];
        foreach ($orders as $order) {
            $progress[$order->id()] = Progress::of($this->makings->ofOrder($order));
        }

        return $this->render('orders/orders.html.twig', [
            'orders' => $orders,
            'progress' => $progress,
            'closed' => $closed,
            'now' => $this->clock->now(),
            'people' => $this->people->all(),
            'offered' => $this->pieces->onTheTable(self::OFFERED),
            'typed' => $typed,
            'faults' => $faults,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     * @param array<string, mixed>                 $adding what could not be put into it
     */
    private function page(StoredOrder $order, array $typed, array $faults, array $adding): Response
    {
        $makings = $this->makings->ofOrder($order);
        $all = $this->choosing->all($makings);
        $waiting = $this->choosing->makings($makings);
        $open = array_filter(
            $all->pieces,
            static fn (array $one): bool => true === $one[3]?->state()->isBefore(MakingState::Made),
        );
        $plans = array_values(array_map(static fn (array $one): array => [$one[1], $one[2]], $open));
        $isWrong = [] !== $faults || [] !== $adding;

        return $this->render('orders/order.html.twig', [
            'order' => $order,
            'said' => $typed + $order->document(),
            'sums' => OrderReader::SUMS,
            'makings' => $makings,
            'progress' => Progress::of($makings),
            'waiting' => $waiting,
            'shopping' => [] === $waiting->pieces ? [] : $this->shopping->list(
                $waiting,
                $waiting->cutting($this->stock->cords($waiting->likenesses())),
            ),
            'promised' => $this->promised->all($waiting),
            'series' => [] === $plans ? null : Series::of($plans, $this->paces->pace()),
            'cost' => $this->costing->of($all, Cutting::of([], [])),
            'offered' => $this->pieces->onTheTable(self::OFFERED),
            'people' => $this->people->all(),
            'faults' => $faults,
            'adding' => $adding,
            'unit' => $this->preferences->unit(),
            'now' => $this->clock->now(),
        ], new Response(status: $isWrong ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_OK));
    }

    /**
     * Returns how its price comes about today, in words: so it stays with the price that was agreed, whatever materials
     * and hours cost later.
     */
    private function basis(StoredOrder $order): string
    {
        $cost = $this->costing->of($this->choosing->all($this->makings->ofOrder($order)), Cutting::of([], []));

        return $this->wording->told(new Message('price-basis', [
            'materials' => $this->money->said($cost->materials()),
            'minutes' => (int) round($cost->minutes),
            'time' => null === $cost->time ? '' : $this->money->said($cost->time),
            'rated' => null === $cost->time ? 'no' : 'yes',
            'factor' => (string) $cost->factor(),
            'total' => $this->money->said($cost->total()),
        ]), $this->preferences->unit());
    }

    /**
     * @return array<string, non-empty-list<Fault>>
     */
    private static function byField(PieceUnreadable $unreadable): array
    {
        $faults = [];
        foreach ($unreadable->faults as $fault) {
            $faults[$fault->path][] = $fault;
        }

        return $faults;
    }

    private function order(int $id): StoredOrder
    {
        return $this->orders->find($id) ?? throw $this->createNotFoundException();
    }

    private function to(StoredOrder $order): Response
    {
        return $this->redirectToRoute('order', ['id' => $order->id()], Response::HTTP_SEE_OTHER);
    }
}
