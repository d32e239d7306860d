<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Table\BenchCalendar;
use Rinkel\Tests\App\WebCase;

final class BenchCalendarTest extends WebCase
{
    /**
     * What is due first is done first, and what will be late is said, with by how many days.
     */
    public function testWorkIsSpreadOverTheDays(): void
    {
        $this->browser->request('POST', '/settings', ['bench' => '30']);
        $piece = $this->lay(['name' => 'Rail', 'pattern' => '60 square']);
        foreach (['Later' => '+9 days', 'Late' => '-1 day'] as $name => $due) {
            $order = self::getContainer()->get(Orders::class)->ask([
                'name' => $name, 'due' => (new \DateTimeImmutable($due))->format('Y-m-d'),
            ]);
            self::getContainer()->get(OrderFiller::class)->add($order, $piece, 3, []);
        }
        $days = self::getContainer()->get(BenchCalendar::class)->now();
        self::assertSame(30, $days->perDay);
        self::assertSame(['Late', 'Later'], array_map(static fn ($line): string => $line->order()?->text('name') ?? '', $days->lines));
        self::assertArrayHasKey(0, $days->late());
        self::assertGreaterThanOrEqual(1, $days->late()[0]);
        self::assertSame(3, $days->lines[0]->count());
        self::assertGreaterThan($days->done(0), $days->done(1));

        $page = $this->browser->request('GET', '/bench');
        self::assertStringContainsString('late', $page->filter('#bench-lines tbody tr')->first()->text());
        self::assertGreaterThan(0, $page->filter('svg .bench-late')->count(), 'drawn so');
        $first = $page->filter('#bench-lines tbody tr')->first()->filter('form')->form();
        $this->browser->submit($first, ['from' => '2099-01-02']);
        $page = $this->browser->followRedirect();
        self::assertSame('2099-01-02', $page->filter('#bench-lines input[type=date]')->first()->attr('value'));
        $this->browser->submit($page->filter('#bench-lines tbody tr')->first()->filter('form')->form(), ['from' => '']);
        self::assertSame(
            '',
            $this->browser->followRedirect()->filter('#bench-lines input[type=date]')->first()->attr('value'),
        );
        foreach (['2026-13-45', 'tomorrow', '2026-02-30'] as $none) {
            $line = $this->browser->request('GET', '/bench')->filter('#bench-lines tbody tr')->first();
            $this->browser->submit($line->filter('form')->form(), ['from' => $none]);
            $page = $this->browser->followRedirect();
            self::assertSame('', $page->filter('#bench-lines input[type=date]')->first()->attr('value'), $none);
        }
        $table = $this->browser->request('GET', '/');
        self::assertStringContainsString('was due', $table->filter('#in-work li')->first()->text(), 'late stands first');
        self::assertSame('Cut sheet for 3', $table->filter('#in-work li a.act')->first()->text());
    }
}
