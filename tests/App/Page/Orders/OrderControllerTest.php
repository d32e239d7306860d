<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Orders;

use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\People\People;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;

final class OrderControllerTest extends WebCase
{
    /**
     * From the request to the parcel: six things are put in, cut together, made, delivered; each stage is one press.
     */
    public function testAnOrderGoesFromRequestToParcel(): void
    {
        $piece = $this->lay(['name' => 'Rail', 'pattern' => '12 square']);
        $order = $this->asked(['for' => 'Somebody', 'due' => '2026-12-24', 'price' => '48,50'], [$piece->id() => 3]);
        $page = $this->show($order);
        self::assertCount(3, $page->filter('#things > li'));
        self::assertSame('Rail (2)', $page->filter('#things .piece-name')->eq(1)->text());
        self::assertStringContainsString('€48.50', self::text($page, '#order-money + dl, [aria-labelledby=order-money]'));

        // What the stock does not have is cut from elsewhere, cord by cord.
        $sheet = $this->browser->click($page->filter('#stages a.act')->link());
        foreach ($sheet->filter('input[name=cut]')->extract(['value']) as $cut) {
            $this->browser->request('POST', '/cut/tick', ['cut' => $cut, 'made' => '1']);
            self::assertResponseStatusCodeSame(204);
        }
        $this->browser->submit($sheet->filter('#take-ticked')->form());
        self::assertResponseRedirects('/orders/'.$order->id().'?taken=1');
        self::assertSame(['cut', 'cut', 'cut'], $this->states($order));
        self::assertCount(0, $this->show($order)->filter('#stages a.act'), 'nothing is left to be cut');

        foreach ($this->things($order) as $making) {
            $this->browser->request('POST', '/makings/'.$making->id().'/board');
            $this->browser->request('POST', '/makings/'.$making->id().'/finish', ['l' => ['minutes' => '40', 'sure' => '1']]);
            self::assertResponseRedirects('/log');
        }
        self::assertSame(['made', 'made', 'made'], $this->states($order));
        $this->browser->submit($this->show($order)->selectButton('All delivered')->form());
        self::assertSame(['delivered', 'delivered', 'delivered'], $this->states($order));
        $this->browser->submit($this->show($order)->selectButton(self::says('orders.close'))->form());
        self::assertStringContainsString('Archived', $this->show($order)->text());
        self::assertCount(1, $this->browser->request('GET', '/orders?closed=1')->filter('#orders > li'));
    }

    public function testAWearerHasHerOwnMeasures(): void
    {
        $mm = Length::ofMillimetres(...);
        self::getContainer()->get(People::class)->keep(null, 'Nel', ['wrist' => $mm(149.0), 'hand' => $mm(181.0)], Measured::Snug);
        $piece = $this->lay(['pattern' => '1 square x fit', 'wearer.hand' => '20 cm']);
        $order = $this->asked(['for' => 'Nel'], []);
        foreach ([['for' => 'Nel'], ['girth' => '15.2 cm'], ['for' => 'Nobody measured']] as $change) {
            $this->browser->request('POST', '/orders/'.$order->id().'/add', [
                'piece' => (string) $piece->id(), 'count' => '1', 'a' => $change,
            ]);
            self::assertResponseStatusCodeSame(303);
        }
        $changes = array_map(static fn (StoredMaking $one): array => $one->changes(), $this->things($order));
        self::assertEquals(['girth' => '149 mm', 'hand' => '181 mm', 'for' => 'Nel'], $changes[0]);
        self::assertSame(['girth' => '15.2 cm'], $changes[1]);
        self::assertSame(['for' => 'Nobody measured'], $changes[2]);
        $plans = self::getContainer()->get(\Rinkel\App\Making\MakingPlans::class);
        $hand = fn (int $i): ?string => $plans->spec($this->things($order)[$i])->wearing->wearer->hand?->__toString();
        self::assertSame('181 mm', $hand(0));
        self::assertNull($hand(1), 'the hand of whom the piece was planned for says nothing of another');
    }

    public function testWhatCannotBeReadIsSaidBesideItsField(): void
    {
        $this->browser->request('POST', '/orders', ['o' => ['for' => 'X', 'due' => 'soon']]);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('X', $this->crawler()->filter('#o-for')->attr('value'), 'what was typed stays');
        self::assertStringContainsString(
            self::says('said.day-wanted'),
            $this->crawler()->filter('#o-due-fault')->text(),
        );
        self::assertSame([], self::getContainer()->get(Orders::class)->open());

        $order = $this->asked(['for' => 'X'], []);
        $this->browser->request('POST', '/orders/'.$order->id(), ['o' => ['for' => 'Y', 'price' => 'much']]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            self::says('said.sum-wanted'),
            $this->crawler()->filter('#o-price-fault')->text(),
        );
        self::assertSame('X', $this->again($order)->text('for'), 'nothing of it is kept');

        $piece = $this->lay();
        foreach (['0', 'x', '101', ''] as $count) {
            $this->browser->request('POST', '/orders/'.$order->id().'/add', ['piece' => (string) $piece->id(), 'count' => $count]);
            self::assertResponseStatusCodeSame(422);
        }
        $this->browser->request('POST', '/orders/'.$order->id().'/add', [
            'piece' => (string) $piece->id(), 'count' => '1', 'a' => ['girth' => '9 m'],
        ]);
        self::assertResponseStatusCodeSame(422);
        self::assertSame([], $this->things($order));
        $this->browser->request('GET', '/orders/999999');
        self::assertResponseStatusCodeSame(404);
    }

    public function testADeletedOrderComesBackAndWhatWasMadeStays(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        $order = $this->asked(['for' => 'X'], [$piece->id() => 2]);
        $made = $this->things($order)[0];
        $this->browser->request('POST', '/makings/'.$made->id().'/finish', ['l' => ['sure' => '1']]);
        $this->browser->submit($this->show($order)->selectButton('Delete order')->form());
        $page = $this->browser->followRedirect();
        self::assertCount(0, $page->filter('#orders > li'));
        self::assertNotNull(self::getContainer()->get(Makings::class)->withUid($made->uid()));
        $this->browser->submit($page->filter('.notice form')->form());
        self::assertCount(1, $this->browser->request('GET', '/orders')->filter('#orders > li'));
    }

    /**
     * The agreed price stays with how it came about, whatever things cost later.
     */
    public function testAPriceKeepsHowItCameAbout(): void
    {
        $this->browser->request('POST', '/settings', ['rate' => '18', 'factor' => '2']);
        $piece = $this->lay(['pattern' => '12 square']);
        $order = $this->asked(['for' => 'X'], [$piece->id() => 2]);
        $form = $this->show($order)->filter('#order-form')->form(['o[price]' => '60']);
        $this->browser->submit($form);
        $basis = $this->again($order)->text('basis');
        self::assertStringContainsString('times 2', $basis);
        $this->browser->request('POST', '/settings', ['rate' => '40', 'factor' => '3']);
        $form = $this->show($order)->filter('#order-form')->form(['o[paid]' => '20']);
        $this->browser->submit($form);
        self::assertSame($basis, $this->again($order)->text('basis'));
        self::assertSame('40.00', (string) $this->again($order)->owed()->toScale(2));
    }

    public function testAllThatIsCutGoesToTheBoardAtOnce(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        $order = $this->asked(['for' => 'X'], [$piece->id() => 2]);
        $sheet = $this->browser->click($this->show($order)->filter('#stages a.act')->link());
        foreach ($sheet->filter('input[name=cut]')->extract(['value']) as $cut) {
            $this->browser->request('POST', '/cut/tick', ['cut' => $cut, 'made' => '1']);
        }
        $this->browser->submit($sheet->filter('#take-ticked')->form());
        $this->browser->submit($this->show($order)->selectButton('All 2 to the board')->form());
        self::assertSame(['board', 'board'], $this->states($order));
    }

    public function testSizesAndKitsBecomeOrders(): void
    {
        $piece = $this->lay(['name' => 'Rail', 'pattern' => '1 square x fit']);
        $asked = ['by' => 'girths', 'list' => '15; 17', 'n' => '2; 1'];
        $series = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', $asked);
        $this->browser->submit($series->filter('#take-batch')->form());
        $page = $this->browser->followRedirect();
        self::assertCount(3, $page->filter('#things > li'));
        $open = self::getContainer()->get(Orders::class)->open();
        $girths = array_map(static fn (StoredMaking $one): string => $one->changes()['girth'] ?? '', $this->things($open[0]));
        self::assertSame(['150 mm', '150 mm', '170 mm'], $girths);

        $kit = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', $asked);
        $this->browser->submit($kit->filter('#take-kit')->form());
        self::assertStringContainsString(
            'A kit: planned for any tension',
            $this->browser->followRedirect()->text(),
        );
    }

    public function testOrdersAreATableForOtherPrograms(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        $this->asked(['for' => 'X; Y', 'price' => '60', 'paid' => '15'], [$piece->id() => 2]);
        $this->browser->request('GET', '/orders.csv');
        $lines = explode("\r\n", trim($this->browser->getInternalResponse()->getContent()));
        self::assertCount(2, $lines);
        $row = array_combine(array_map(strval(...), str_getcsv($lines[0], escape: '')), str_getcsv($lines[1], escape: ''));
        self::assertSame(['X; Y', '2', '45'], [$row['for'], $row['things'], $row['owed']]);
        // What they ask for is on one shopping list.
        $buy = $this->browser->request('GET', '/cut/buy');
        $buy = $this->browser->click($buy->filter('#buy-orders')->link());
        self::assertStringContainsString('Plain band (2)', $buy->filter('#bought')->text());
    }

    /**
     * What other open orders ask for is said wherever one counts on the stock; what is looked at is not counted twice.
     */
    public function testWhatOrdersTakeIsNotFree(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'spools' => ['1 m'],
        ]);
        self::assertStringNotContainsString('Open orders need', $this->browser->request('GET', '/stock')->text());
        $first = $this->asked(['for' => 'X'], [$piece->id() => 2]);
        $alone = $this->show($first)->filter('[aria-labelledby=order-lacks]')->text();
        self::assertStringNotContainsString('Open orders need another', $alone);
        $second = $this->asked(['for' => 'Y'], [$piece->id() => 2]);
        self::assertStringContainsString(
            'Open orders need another',
            $this->show($first)->filter('[aria-labelledby=order-lacks]')->text(),
        );
        $stock = $this->browser->request('GET', '/stock')->filter('#items')->text();
        self::assertSame(1, preg_match('/Open orders need ([\d.]+)\W(c?m) of it/u', $stock, $all), $stock);
        $this->browser->request('POST', '/orders/'.$second->id().'/close');
        $stock = $this->browser->request('GET', '/stock')->filter('#items')->text();
        self::assertSame(1, preg_match('/Open orders need ([\d.]+)\W(c?m) of it/u', $stock, $half), $stock);
        $cm = static fn (string $said, string $unit): float => (float) $said * ('m' === $unit ? 100 : 1);
        self::assertEqualsWithDelta($cm($all[1], $all[2]) / 2, $cm($half[1], $half[2]), 1.0);
    }

    /**
     * One search is for all that lies there: work is found by the words and the technique of its piece.
     */
    public function testWorkIsFoundByItsPiece(): void
    {
        $band = $this->lay(['name' => 'Lintel', 'pattern' => '12 square']);
        $beads = $this->layBare('strung-beads', ['name' => 'Currant']);
        $this->asked(['for' => 'X'], [$band->id() => 1, $beads->id() => 1]);
        $seen = fn (string $query): array => $this->browser->request('GET', '/'.$query)->filter(
            '#in-work li strong.font-tape',
        )->extract(['_text']);
        self::assertCount(2, $seen(''));
        self::assertCount(1, $seen('?q=lintel'));
        self::assertCount(1, $seen('?kind=strung-beads'));
        self::assertCount(0, $seen('?kind=strung-beads&q=lintel'));
        self::assertCount(2, $seen('?for=X'));
    }

    public function testASlipSaysWhatACustomerHasToKnow(): void
    {
        $piece = $this->lay([
            'name' => 'Rail', 'pattern' => '12 square', 'cords.core.fibre' => 'leather',
            'closure.kind' => 'square-slider',
        ]);
        $order = $this->asked(['for' => 'X', 'contact' => 'Quay 1'], [$piece->id() => 2]);
        $page = $this->browser->request('GET', '/orders/'.$order->id().'/slip');
        self::assertResponseIsSuccessful();
        self::assertCount(1, $page->filter('article'), 'two alike have one slip');
        $said = $page->filter('article')->text();
        self::assertStringContainsString('Leather hardens', $said);
        self::assertStringContainsString(self::says('slip.small-parts'), $said);
        self::assertStringNotContainsString('flame', $said, 'what matters to its maker is not told');
        self::assertStringContainsString('Quay 1', $page->text());
        $this->browser->request('GET', '/orders/'.$order->id().'/slip.pdf');
        self::assertResponseIsSuccessful();
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    /**
     * @param array<string, string> $said
     * @param array<int, int>       $pieces how many, by id
     */
    private function asked(array $said, array $pieces): StoredOrder
    {
        $this->browser->request('POST', '/orders', [
            'o' => $said, 'p' => array_map(strval(...), array_keys($pieces)), 'n' => array_map(strval(...), $pieces),
        ]);
        self::assertResponseStatusCodeSame(303);
        $open = self::getContainer()->get(Orders::class)->open();

        return $open[\count($open) - 1];
    }

    private function again(StoredOrder $order): StoredOrder
    {
        $again = self::getContainer()->get(Orders::class)->find($order->id());
        self::assertNotNull($again);

        return $again;
    }

    private function show(StoredOrder $order): \Symfony\Component\DomCrawler\Crawler
    {
        $page = $this->browser->request('GET', '/orders/'.$order->id());
        self::assertResponseIsSuccessful();

        return $page;
    }

    private function crawler(): \Symfony\Component\DomCrawler\Crawler
    {
        return $this->browser->getCrawler();
    }

    /**
     * @return list<StoredMaking>
     */
    private function things(StoredOrder $order): array
    {
        return self::getContainer()->get(Makings::class)->ofOrder($this->again($order));
    }

    /**
     * @return list<string>
     */
    private function states(StoredOrder $order): array
    {
        return array_map(static fn (StoredMaking $one): string => $one->state()->value, $this->things($order));
    }
}
