<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use Rinkel\App\Making\Makings;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Table\WorkCalendar;
use Rinkel\Tests\App\WebCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/**
 * What is saved for calendars, read by a library that calendars use (RFC 5545).
 */
final class WorkCalendarTest extends WebCase
{
    public function testWhatIsDueStandsOnItsDay(): void
    {
        $name = 'Sechs Bänder; drei lange, drei kürzere \\ für „Änne“ und ihre Schwestern am Markt';
        $orders = self::getContainer()->get(Orders::class);
        $due = $orders->ask(['name' => $name, 'due' => '2031-02-28']);
        $orders->ask(['name' => 'Some day']);
        $closed = $orders->ask(['name' => 'Gone', 'due' => '2031-02-27']);
        $orders->close($closed, true);

        $this->browser->request('GET', '/orders/calendar.ics');
        self::assertResponseHeaderSame('Content-Type', 'text/calendar; charset=utf-8');
        $text = (string) $this->browser->getResponse()->getContent();
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, \strlen($line), 'octets of a line by RFC 5545, 3.1');
            self::assertTrue(mb_check_encoding($line, 'UTF-8'), 'no letter is split');
        }
        $read = self::read($text);
        self::assertSame([], $read->validate(), 'nothing is wrong with it');
        self::assertCount(1, $read->select('VEVENT'));
        $event = $read->select('VEVENT')[0];
        self::assertSame('Due: '.$name, self::said($event, 'SUMMARY'));
        self::assertSame('20310228', self::said($event, 'DTSTART'));
        self::assertStringEndsWith('/orders/'.$due->id(), self::said($event, 'URL'));
    }

    public function testADayToBeginIsThere(): void
    {
        $makings = self::getContainer()->get(Makings::class);
        $making = $makings->plan($this->lay(['name' => 'Mole']), null, []);
        $makings->begin($making, '2031-03-05');
        $makings->keep($making);
        $this->browser->request('GET', '/orders/calendar.ics');
        $begin = self::read((string) $this->browser->getResponse()->getContent())->select('VEVENT')[0] ?? null;
        self::assertSame('Begin: Mole', self::said($begin, 'SUMMARY'));
        self::assertSame('20310305', self::said($begin, 'DTSTART'));
    }

    public function testWhatDriesIsThere(): void
    {
        self::assertNotNull(self::$kernel);
        $console = new Application(self::$kernel);
        (new CommandTester($console->find('rinkel:demo')))->execute([]);
        $page = $this->browser->request('GET', '/orders');
        self::assertCount(1, $page->filter('a[href="/orders/calendar.ics"]'));
        $command = new CommandTester($console->find('rinkel:calendar'));
        self::assertSame(0, $command->execute([]));
        $read = self::read($command->getDisplay());
        self::assertSame([], $read->validate());
        $uids = [];
        foreach ($read->select('VEVENT') as $event) {
            $uids[] = explode('-', self::said($event, 'UID'))[0];
        }
        self::assertContains('due', $uids);
        self::assertContains('dry', $uids, 'the examples have glue that dries');
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", self::getContainer()->get(WorkCalendar::class)->text());
    }

    private static function said(mixed $event, string $what): string
    {
        self::assertInstanceOf(VEvent::class, $event);
        $said = $event->select($what)[0] ?? null;
        self::assertInstanceOf(Property::class, $said);
        $value = $said->getValue();

        return \is_scalar($value) ? (string) $value : '';
    }

    private static function read(string $text): VCalendar
    {
        // The library is older than PHP 8.1's return types.
        $level = error_reporting(\E_ALL & ~\E_DEPRECATED);
        try {
            $read = Reader::read($text);
        } finally {
            error_reporting($level);
        }
        self::assertInstanceOf(VCalendar::class, $read);

        return $read;
    }
}
