<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WebCase;

/**
 * Day plan is kept as it was planned.
 */
final class DaysTest extends WebCase
{
    public function testADayIsKeptAsItsMakerPlannedIt(): void
    {
        [$one, $two] = [$this->piece('One'), $this->piece('Two')];
        $page = $this->send('/day', ['day' => '2026-12-04', 'begin' => '10:10', 'p' => [$one, $two, 99999]]);
        self::assertStringContainsString(
            '10:10',
            $page->filter('#day-order li')->first()->text().$page->filter('#begin')->attr('value'),
        );
        self::assertCount(2, $page->filter('#day-form input[name="p[]"][checked]'));
        $page = $this->browser->request('GET', '/day?day=2026-12-04');
        self::assertCount(2, $page->filter('#day-form input[name="p[]"][checked]'), 'it is there when one comes back');
        self::assertCount(0, $page->filter('[name^="fixed"]'));

        // The time of its last stretch is written anew: it stays there.
        $form = $page->filter('#day-form')->form();
        $last = (string) $page->filter('#day-order input[type=time]')->last()->attr('name');
        $this->browser->submit($form, [$last => '15:25']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString(
            '15:25',
            (string) $page->filter('#day-order input[type=time]')->last()->attr('value'),
        );
        self::assertCount(1, $page->filter('#day-order [name^="fixed"]'));
        self::assertCount(1, $page->filter('svg .day-pinned'));
        self::assertStringContainsString(self::says('day.proven-pinned'), $page->filter('#day-ends')->text());
        $this->browser->submit($page->filter('#day-form')->form());
        self::assertCount(
            1,
            $this->browser->followRedirect()->filter('svg .day-pinned'),
            'sent as it is, it is no change',
        );

        $page = $this->browser->request('GET', '/day?day=2026-12-04');
        $form = $page->filter('#day-form')->form();
        $form->remove((string) $page->filter('#day-order [name^="fixed"]')->attr('name'));
        $this->browser->submit($form);
        self::assertCount(0, $this->browser->followRedirect()->filter('svg .day-pinned'), 'let go it is ordered again');
        self::assertCount(
            0,
            $this->browser->request('GET', '/day?day=2026-12-05')->filter('#day-order'),
            'another day is empty',
        );
    }

    public function testWhateverIsSentADayCanBeRead(): void
    {
        $one = $this->piece('One');
        foreach ([
            ['day' => '2026-02-30'], ['day' => 'x', 'begin' => '25:00'], ['begin' => '', 'p' => 'x'],
            ['p' => [$one], 'at' => 'x', 'was' => [], 'fixed' => [$one => 'x']],
            ['p' => [$one], 'at' => [$one => ['x' => '10:00', '0' => '10:00', '99999' => '10:00', '1' => '1:1']]],
            ['p' => [$one], 'at' => [$one => ['7' => '10:00']]],
        ] as $sent) {
            $this->send('/day', $sent);
            self::assertResponseIsSuccessful((string) json_encode($sent));
        }
        $this->browser->request('GET', '/day', ['day' => '2026-13-01', 'begin' => '9']);
        self::assertResponseIsSuccessful();
    }

    public function testADayFromElsewhereTakesThePlaceOfTheOneHere(): void
    {
        $days = self::getContainer()->get(Days::class);
        $kept = self::getContainer()->get(KeptDays::class);
        $days->keep('2026-12-04', KeptDays::planned(['begin' => '08:00']));
        $row = $kept->read([
            'uid' => str_repeat('a', 32), 'day' => '2026-12-04', 'begin' => '11:00', 'pieces' => [str_repeat('b', 32)],
            'pins' => [['piece' => str_repeat('b', 32), 'left' => 1, 'at' => '12:00']],
        ]);
        $kept->bring($row);
        $days->keep('2026-12-05', KeptDays::planned([]));
        self::assertSame('11:00', $days->planned('2026-12-04')['begin']);
        self::assertCount(2, [...$kept->uids()]);
        self::assertSame(
            [],
            $days->of('2026-12-04', $days->planned('2026-12-04'))->pieces,
            'a piece that is gone is left out',
        );
        foreach ([
            ['day' => '2026-12-34'], ['begin' => '9'], ['pieces' => ['x']], [
                'pieces' => array_fill(0, 17, str_repeat('a', 32)),
            ],
            ['pins' => [['piece' => str_repeat('b', 32), 'left' => 0, 'at' => '12:00']]], ['pins' => 'x'],
        ] as $wrong) {
            try {
                $kept->read($wrong + $row->data);
                self::fail((string) json_encode($wrong));
            } catch (PieceUnreadable $unreadable) {
                self::assertNotSame([], $unreadable->faults);
            }
        }
    }

    private function piece(string $name): int
    {
        return $this->lay(['name' => $name])->id();
    }

    /**
     * @param array<string, mixed> $sent
     */
    private function send(string $path, array $sent): \Symfony\Component\DomCrawler\Crawler
    {
        $this->browser->request('POST', $path, $sent);

        return $this->browser->followRedirect();
    }
}
