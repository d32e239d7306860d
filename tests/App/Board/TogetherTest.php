<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Board\Together;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\Tests\App\WebCase;

final class TogetherTest extends WebCase
{
    /**
     * Three of one piece, by turns: the one that is due is always the first that is farthest behind, and who follows it
     * makes all bodies before any is closed.
     */
    public function testPiecesOfAnOrderAreMadeByTurns(): void
    {
        $order = $this->order(3);
        self::assertNull($this->due($order), 'nothing lies on a board');
        $boards = array_map(static fn (StoredBoard $board): int => $board->id(), $this->boards($order));
        $seen = [];
        for ($i = 0; $i < 60 && null !== $id = $this->due($order); ++$i) {
            $board = self::getContainer()->get(Boards::class)->find($id) ?? self::fail('It is there.');
            $view = self::getContainer()->get(Together::class)->around($board) ?? self::fail('There are others.');
            self::assertNull($view->due, 'it is its turn');
            self::assertGreaterThan($board->moves(), $view->until);
            $seen[] = [$view->operation?->value, array_search($id, $boards, true), $view->done()];
            $by = (string) ($view->until - $board->moves());
            $this->browser->request('POST', '/boards/'.$id.'/one', ['by' => $by]);
            self::assertResponseRedirects();
        }
        self::assertSame(
            [['cut', 0, 0], ['cut', 1, 1], ['cut', 2, 2], ['tie', 0, 0], ['tie', 1, 1]],
            \array_slice($seen, 0, 5),
        );
        foreach ($boards as $id) {
            $board = self::getContainer()->get(Boards::class)->find($id);
            self::assertSame($board?->total(), $board?->moves());
        }
        $this->browser->request('GET', '/orders/'.$order->id().'/board');
        self::assertResponseRedirects('/orders/'.$order->id());
    }

    public function testABoardShowsWhoseTurnItIs(): void
    {
        $order = $this->order(2);
        [$first, $second] = $this->boards($order);
        $page = $this->browser->request('GET', '/boards/'.$second->id());
        self::assertCount(2, $page->filter('#together li'));
        self::assertSame('here', $page->filter('#together li a')->eq(1)->attr('data-turn'));
        self::assertStringContainsString('Next: 1, Rail', self::text($page, '#together'));
        $this->browser->request('GET', '/orders/'.$order->id().'/board');
        self::assertResponseRedirects('/boards/'.$first->id());

        $alone = $this->boards($this->order(1))[0];
        self::assertCount(0, $this->browser->request('GET', '/boards/'.$alone->id())->filter('#together'));
    }

    private function due(StoredOrder $order): ?int
    {
        $order = self::getContainer()->get(Orders::class)->find($order->id()) ?? self::fail('It is there.');

        return self::getContainer()->get(Together::class)->next($order)?->id();
    }

    private function order(int $count): StoredOrder
    {
        $order = self::getContainer()->get(Orders::class)->ask(['for' => 'A shop']);
        $piece = $this->lay(['name' => 'Rail', 'pattern' => '12 square']);
        self::getContainer()->get(OrderFiller::class)->add($order, $piece, $count, []);

        return $order;
    }

    /**
     * @return list<StoredBoard>
     */
    private function boards(StoredOrder $order): array
    {
        return array_map(
            self::getContainer()->get(Boards::class)->lay(...),
            self::getContainer()->get(Makings::class)->ofOrder($order),
        );
    }
}
