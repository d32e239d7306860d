<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Orders;

use PHPUnit\Framework\Attributes\TestWith;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\CustomerAnswer;
use Rinkel\App\Orders\CustomerLinks;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

/**
 * A customer sees their order by a link, chooses, and is heard; nothing else is reachable by it.
 */
final class CustomerControllerTest extends WebCase
{
    public function testACustomerChoosesAndTheirChoiceIsMade(): void
    {
        self::emptyStock();
        $this->cord('Rust', '#a6452c');
        $this->cord('Moss', '#4d5d33');
        $order = $this->order(2);
        $link = $this->link($order);

        $page = $this->browser->request('GET', $link);
        self::assertResponseIsSuccessful();
        self::assertCount(1, $page->filter('section'), 'two alike are chosen together');
        self::assertStringContainsString('× 2', $page->filter('h2')->text());
        self::assertSame(
            ['Rust', 'Moss', 'As planned'],
            $page->filter('fieldset')->first()->filter('label')->each(static fn (Crawler $one): string => $one->text()),
        );
        $this->browser->request('GET', $link.'/1.svg');
        self::assertStringContainsString('<svg', (string) $this->browser->getResponse()->getContent());

        $form = $this->browser->request('GET', $link)->selectButton(self::says('customer.send'))->form();
        $key = $this->makings($order)[0]->uid();
        $this->browser->submit(
            $form,
            ['c['.$key.'][girth]' => '17', 'c['.$key.'][colour.working]' => '#a6452c', 'note' => 'For her birthday'],
        );
        self::assertResponseStatusCodeSame(303);
        self::assertStringNotContainsString(
            substr($link, -48),
            (string) $this->browser->getResponse()->headers->get('Location'),
        );
        self::assertSame('17 cm', $this->browser->request('GET', $link)->filter('#girth-1')->attr('value'));

        // Nothing has changed until its maker says so.
        self::assertStringContainsString(
            self::says('orders.answer-new'),
            $this->browser->request('GET', '/orders')->filter('#orders')->text(),
        );
        self::assertSame(
            [[], []],
            array_map(static fn (StoredMaking $one): array => $one->changes(), $this->makings($order)),
        );
        $page = $this->browser->request('GET', '/orders/'.$order->id());
        self::assertStringContainsString('For her birthday', $page->filter('#answer')->text());
        self::assertStringContainsString('17 cm, Working cord Rust', $page->filter('#answer li')->first()->text());
        $this->browser->submit($page->selectButton(self::says('orders.answer-use'))->form());
        foreach ($this->makings($order) as $making) {
            self::assertSame(['girth' => '17 cm', 'colour.working' => '#a6452c'], $making->changes());
        }
        $answered = $this->browser->request('GET', '/orders/'.$order->id());
        self::assertCount(0, $answered->selectButton(self::says('orders.answer-use')));
        self::assertStringNotContainsString(
            self::says('orders.answer-new'),
            $this->browser->request('GET', '/orders')->filter('#orders')->text(),
        );
    }

    public function testWhatIsCutStaysAndIsSaidToBeLate(): void
    {
        $order = $this->order(1);
        $link = $this->link($order);
        $key = $this->makings($order)[0]->uid();
        $this->browser->request('POST', $link, ['c' => [$key => ['girth' => '17 cm']]]);
        $this->browser->request('POST', '/makings/'.$this->makings($order)[0]->id().'/board');

        $page = $this->browser->request('GET', $link);
        self::assertStringContainsString(self::says('customer.late'), $page->text());
        self::assertCount(0, $page->filter('#girth-1'));
        $this->browser->request('POST', '/orders/'.$order->id().'/answer', ['use' => '1']);
        self::assertStringContainsString('can’t be changed', $this->browser->followRedirect()->filter('#late')->text());
        self::assertSame([], $this->makings($order)[0]->changes());
    }

    public function testAChoiceThatThePieceAllowsNoMoreIsNotTaken(): void
    {
        $order = $this->order(1);
        // As one that was kept while the piece was for a neck.
        self::getContainer()->get(Orders::class)->answer($order, CustomerAnswer::given('', [
            $this->makings($order)[0]->uid() => ['girth' => '45 cm'],
        ], new \DateTimeImmutable()));
        $this->browser->request('POST', '/orders/'.$order->id().'/answer', ['use' => '1']);

        self::assertResponseRedirects('/orders/'.$order->id().'?late=1');
        self::assertSame([], $this->makings($order)[0]->changes());
    }

    #[TestWith(['7 1/4', '7 1/4 in'])]
    #[TestWith(['7,5', '7,5 in'])]
    #[TestWith(['18.5 cm', '18.5 cm'])]
    public function testASizeIsInTheUnitOfItsPieceUnlessItSays(string $typed, string $kept): void
    {
        $order = $this->order(1, ['unit' => 'in']);
        $uid = $this->makings($order)[0]->uid();
        $this->browser->request('POST', $this->link($order), ['c' => [$uid => ['girth' => $typed]]]);

        self::assertResponseStatusCodeSame(303);
        self::assertSame([$uid => ['girth' => $kept]], self::found($order)->answer()?->things);
    }

    public function testAnAnswerThatWasReadIsKept(): void
    {
        $order = $this->order(1);
        $this->browser->request('POST', $this->link($order), ['note' => 'No hurry']);
        self::assertTrue(self::found($order)->isAnswered());
        $this->browser->request('POST', '/orders/'.$order->id().'/answer');

        self::assertFalse(self::found($order)->isAnswered());
        self::assertStringContainsString(
            'No hurry',
            $this->browser->request('GET', '/orders/'.$order->id())->filter('#answer')->text(),
        );
        // A field of that name in the order's own form changes nothing of it.
        $this->browser->request('POST', '/orders/'.$order->id(), ['o' => ['for' => 'Somebody', 'answer' => 'Forged']]);
        self::assertSame('No hurry', self::found($order)->answer()?->note);
    }

    public function testWhatCannotBeMadeIsSaidBesideItsField(): void
    {
        $order = $this->order(1);
        $link = $this->link($order);
        $key = $this->makings($order)[0]->uid();
        foreach (['wide', '3 m', '-4 cm', '<b>'] as $girth) {
            $page = $this->browser->request('POST', $link, ['c' => [$key => ['girth' => $girth]], 'note' => 'Stays']);
            self::assertResponseStatusCodeSame(422);
            self::assertSame($girth, $page->filter('#girth-1')->attr('value'));
            self::assertNotSame('', $page->filter('#girth-fault-1')->text());
            self::assertSame('Stays', $page->filter('#note')->text());
        }
        $page = $this->browser->request('POST', $link, ['note' => str_repeat('n', CustomerAnswer::NOTE + 1)]);
        self::assertCount(1, $page->filter('#note-fault'));
        // What is offered to nobody is not heard: another colour, another order's thing, a field of the maker's own.
        $other = $this->makings($this->order(1))[0]->uid();
        $this->browser->request('POST', $link, ['c' => [
            $key => [
                'colour.working' => '#123456', 'for' => 'Me', 'repair' => 'yes',
            ], $other => ['girth' => '19 cm'], 'x' => 'y',
        ]]);
        self::assertResponseStatusCodeSame(303);
        self::assertSame([], self::found($order)->answer()?->things);
    }

    public function testALinkEndsWhenItIsWithdrawnReplacedExpiredOrArchived(): void
    {
        $order = $this->order(1);
        $first = $this->link($order);
        $second = $this->link($order);
        $this->gone($first);
        $this->browser->request('GET', $second);
        self::assertResponseIsSuccessful();
        $this->browser->request('POST', '/orders/'.$order->id().'/link/withdraw');
        $this->gone($second);

        $third = $this->link($order);
        $this->browser->request('POST', '/orders/'.$order->id().'/close');
        $this->gone($third);
        $this->browser->request('POST', '/orders/'.$order->id().'/close', ['open' => '1']);
        $this->browser->request('GET', $third);
        self::assertResponseIsSuccessful();
        self::getContainer()->get(CustomerLinks::class)->make(self::found($order), -1);
        $this->gone($third);
        $this->gone('/for/'.str_repeat('0', 48));
    }

    public function testNothingElseIsReachableByALink(): void
    {
        $order = $this->order(1);
        $link = $this->link($order);
        $page = $this->browser->request('GET', $link);

        self::assertSame([], $page->filter('a')->extract(['href']));
        self::assertSame([], $page->filter('script')->extract(['src']));
        self::assertSame([$link], $page->filter('form')->extract(['action']));
        self::assertSame($link.'/1.svg', strtok((string) $page->filter('main img')->attr('src'), '?'));
        foreach (['48.50', 'Ring the bell', 'The fussy one'] as $own) {
            self::assertStringNotContainsString(
                $own,
                (string) $this->browser->getResponse()->getContent(),
                'price and notes are its maker’s own',
            );
        }
        self::assertResponseHeaderSame('Referrer-Policy', 'same-origin');
        self::assertResponseHeaderSame('X-Robots-Tag', 'noindex');
    }

    public function testAnAnswerIsExportedAndKeptWhenTheOrderChanges(): void
    {
        $order = $this->order(1);
        $link = $this->link($order);
        $this->browser->request('POST', $link, ['note' => 'Blue if you have it']);
        $this->browser->request('POST', '/orders/'.$order->id(), ['o' => ['for' => 'Somebody else']]);
        $kept = self::getContainer()->get(KeptOrders::class);
        $row = $kept->row(self::found($order));

        self::assertSame('Blue if you have it', LooseData::of($kept->read($row)->data)->within('answer')->text('note'));
        $this->expectException(PieceUnreadable::class);
        $kept->read(['answer' => ['at' => 'soon']] + $row);
    }

    /**
     * @param array<string, mixed> $changes of the piece
     */
    private function order(int $count, array $changes = []): StoredOrder
    {
        $piece = $this->lay($changes + [
            'name' => 'Rail', 'pattern' => '1 square x fit', 'cords.working.colour' => '#1f4e5f',
        ]);
        $this->browser->request(
            'POST',
            '/orders',
            ['o' => ['for' => 'Somebody', 'price' => '48.50', 'note' => 'Ring the bell', 'name' => 'The fussy one']],
        );
        $orders = self::getContainer()->get(Orders::class)->open();
        $order = $orders[\count($orders) - 1];
        $this->browser->request(
            'POST',
            '/orders/'.$order->id().'/add',
            ['piece' => (string) $piece->id(), 'count' => (string) $count],
        );

        return self::found($order);
    }

    private function link(StoredOrder $order): string
    {
        $page = $this->browser->request('POST', '/orders/'.$order->id().'/link', ['days' => '7']);
        self::assertResponseIsSuccessful();

        return (string) parse_url((string) $page->filter('#link')->attr('value'), \PHP_URL_PATH);
    }

    private function gone(string $link): void
    {
        foreach (['', '/1.svg'] as $of) {
            $this->browser->request('GET', $link.$of);
            self::assertResponseStatusCodeSame(404);
        }
        $page = $this->browser->request('POST', $link, ['note' => 'Still there?']);
        self::assertResponseStatusCodeSame(404);
        self::assertSame(self::says('customer.gone-title'), $page->filter('h1')->text());
        self::assertCount(0, $page->filter('a'));
    }

    private function cord(string $name, string $colour): void
    {
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'name' => $name, 'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => $colour,
            'supplies' => [['spool' => '20 m']],
        ]);
    }

    private static function found(StoredOrder $order): StoredOrder
    {
        return self::getContainer()->get(Orders::class)->find($order->id()) ?? throw new \LogicException();
    }

    /**
     * @return list<StoredMaking>
     */
    private function makings(StoredOrder $order): array
    {
        return self::getContainer()->get(Makings::class)->ofOrder(self::found($order));
    }

    /**
     * A link to one piece leads to the order that is of it alone; the second time to the same.
     */
    public function testAPieceHasALinkOfItsOwn(): void
    {
        $piece = $this->lay(['name' => 'Heather band', 'for' => 'Somebody']);
        foreach ([1, 2] as $time) {
            $page = $this->browser->request('GET', '/pieces/'.$piece->id());
            $this->browser->submit($page->filter('#to-customer')->form());
            self::assertSame('/orders/1#customer', preg_replace(
                '~/\d+#~',
                '/1#',
                (string) $this->browser->getResponse()->headers->get('Location'),
            ), 'time '.$time);
        }
        $page = $this->browser->followRedirect();
        self::assertCount(1, $page->filter('#things li'));
        self::assertStringContainsString('Somebody', $page->filter('main')->text());
        self::assertCount(1, self::getContainer()->get(Orders::class)->open());
    }
}
