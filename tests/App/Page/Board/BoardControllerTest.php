<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Board;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\App\Board\Paces;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\DomCrawler\Crawler;

final class BoardControllerTest extends WebCase
{
    public function testAPieceLiesOnOneBoardAndCountsEachTapOnce(): void
    {
        $piece = $this->lay(['pattern' => '6 square']);
        $board = $this->board($piece);
        self::assertSame($board, $this->board($piece), 'opened again it is the same board');

        $taps = array_map(static fn (int $i): array => [
            'id' => \sprintf('%012x', $i + 1), 'by' => 1, 'at' => 1_700_000_000_000 + 4000 * $i,
        ], range(0, 9));
        self::assertSame(10, $this->tap($board, $taps)['moves']);
        self::assertSame(10, $this->tap($board, $taps)['moves'], 'sent once more');
        $back = [['id' => 'abcdef000001', 'by' => -3, 'at' => 1_700_000_060_000], ...\array_slice($taps, 4, 2)];
        self::assertSame(7, $this->tap($board, $back)['moves'], 'taken back, the rest known');
        $steps = self::getContainer()->get(Boards::class)->plan($this->stored($board))->acts();
        $all = [['id' => 'abcdef000002', 'by' => 5000, 'at' => 1_700_000_070_000]];
        self::assertSame($steps->moves, $this->tap($board, $all)['moves'], 'never beyond its end');
        $below = [['id' => 'abcdef000003', 'by' => -5000, 'at' => 1_700_000_080_000]];
        self::assertSame(0, $this->tap($board, $below)['moves']);

        foreach ([
            '', '{', '[]', '{"taps":[7,{"id":"x","by":1,"at":1},{"id":"abcdefabcdef","by":"1","at":1}]}',
        ] as $sent) {
            $this->browser->request('POST', '/boards/'.$board.'/taps', content: $sent);
            self::assertResponseIsSuccessful();
            self::assertStringContainsString('"moves":0', (string) $this->browser->getResponse()->getContent());
        }
        $this->browser->request('GET', '/boards/999999');
        self::assertResponseStatusCodeSame(404);
    }

    public function testItIsCountedWithoutScripts(): void
    {
        $board = $this->board($this->lay(['pattern' => '6 square']));
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertStringContainsString('Cut', $page->filter('#say')->text());
        self::assertSame('tape · scissors', $page->filter('#tools')->text());
        foreach (['One more', 'Whole step', 'One more', 'Back one'] as $button) {
            $this->browser->submit($page->selectButton($button)->form());
            $page = $this->browser->followRedirect();
        }
        self::assertStringContainsString('Cut', $page->filter('#say')->text());
        self::assertSame('2', $page->filter('#progress')->attr('value'));
    }

    public function testAReadingForetellsAndWaysOutAreTaken(): void
    {
        $piece = $this->lay();
        $board = $this->board($piece);
        $plan = self::getContainer()->get(Boards::class)->plan($this->stored($board));
        $steps = $plan->acts();
        $tie = array_search(ActKind::Tie, array_map(static fn ($step): ActKind => $step->does, $steps->all), true);
        $half = $steps->before((int) $tie) + intdiv($steps->all[(int) $tie]->stint->count, 2);
        $this->tap($board, [['id' => 'aaaaaaaaaaaa', 'by' => $half, 'at' => 1_700_000_000_000]]);

        $length = round($plan->draft->body()->millimetres / 2, 1).' mm';
        $page = $this->read($board, ['length' => $length, 'left' => '85 cm', 'role' => 'working']);
        self::assertStringContainsString('19 times in 20', $page->filter('#told')->text());
        self::assertStringContainsString('100% likely to be enough', $page->filter('#told')->text());
        self::assertCount(0, $page->filter('#ways li'));

        $page = $this->read($board, ['left' => '38 cm', 'role' => 'working', 'length' => '']);
        self::assertStringContainsString('0% likely to be enough', $page->filter('#told')->text());
        self::assertGreaterThan(2, $page->filter('#ways li')->count());
        self::assertStringContainsString('Finish sooner', $page->filter('#ways')->text());
        $ways = $page;
        $this->browser->submit($page->filter('#way-join')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Join a new cord', $page->filter('#detours')->text(), 'part of the work');
        self::assertCount(0, $page->filter('#board-note'), 'a note is the maker\'s own');
        self::assertMatchesRegularExpression(
            '/9\d% likely to be enough/',
            $page->filter('#told')->text(),
            'with the new cord it is enough',
        );
        self::assertCount(0, $page->filter('#ways li'), 'and nothing else is asked for');
        // Once it is its turn it is in the way; done, it is gone, and the cord has what it has.
        $detour = $this->stored($board)->detours()[0];
        self::assertGreaterThanOrEqual($half, $detour['at']);
        $ahead = $detour['at'] - $half;
        $this->tap($board, [['id' => 'aaaaaaaaaaab', 'by' => $ahead, 'at' => 1_700_000_001_000]]);
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertNull($page->filter('#detour')->attr('hidden'));
        $this->browser->submit($page->filter('#detour form')->form());
        $page = $this->browser->followRedirect();
        self::assertNotNull($page->filter('#detour')->attr('hidden'));
        self::assertTrue($this->stored($board)->detours()[0]['done']);
        $this->tap($board, [['id' => 'aaaaaaaaaaac', 'by' => -$ahead, 'at' => 1_700_000_002_000]]);

        $pattern = $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#pattern')->text();
        $before = $this->stored($board)->making()->document();
        self::getContainer()->get(Connection::class)->executeStatement("UPDATE board SET detours = '[]'");
        $this->browser->submit($ways->filter('#way-sooner')->form());
        self::assertResponseStatusCodeSame(303);
        self::assertNotSame($before, $this->stored($board)->making()->document());
        self::assertSame($half, $this->stored($board)->moves(), 'what is tied stays');
        self::assertSame(
            $pattern,
            $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#pattern')->text(),
            'its piece stays as it was',
        );
    }

    /**
     * What a half measured, or the piece before it was longer, is not the body; what was not made here is told.
     */
    public function testFinishInventsNothing(): void
    {
        $piece = self::getContainer()->get(Pieces::class)->add(Examples::shipped()['canal']);
        $board = $this->board($piece);
        $paces = self::getContainer()->get(Paces::class);
        $plan = self::getContainer()->get(Boards::class)->plan($this->stored($board));
        $steps = $plan->acts();
        self::assertNotSame(
            [],
            array_filter($steps->all, static fn ($step): bool => 0 !== $step->grip->half),
            'of halves',
        );
        $first = 0;
        foreach ($steps->all as $i => $step) {
            if (1 === $step->grip->half && null !== $step->spot->due) {
                $first = $steps->before($i) + $step->stint->count;
            }
        }
        $this->tap($board, [['id' => 'aaaaaaaaaaaa', 'by' => $first, 'at' => 1_700_000_000_000]]);
        $half = array_values(
            array_filter($steps->all, static fn ($step): bool => 1 === $step->grip->half && null !== $step->spot->due),
        );
        $this->read(
            $board,
            [
                'length' => (string) ($half[\count($half) - 1]->spot->due ?? self::fail(
                    'Nothing due today. Keep going if you like.',
                )),
            ],
        );

        $page = $this->handOver($board);
        self::assertStringContainsString(
            'tapped on the board, and the log will say so. Still open:',
            $page->filter('#unmade')->text(),
        );
        self::assertSame('', (string) $page->filter('#l-minutes')->attr('value'), 'of a part there is no time of all');
        $this->tap($board, [['id' => 'aaaaaaaaaaab', 'by' => $steps->moves - $first, 'at' => 1_700_000_000_900]]);
        $page = $this->handOver($board);
        self::assertCount(0, $page->filter('#unmade'));
        self::assertSame('', (string) $page->filter('#l-body')->attr('value'), 'a half is no body');
        // Far off is asked about, and kept once it is so.
        $form = $page->selectButton(self::says('log.write'))->form(['l[body]' => '7.5 cm']);
        $page = $this->browser->submit($form);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('is far from', $page->filter('#l-body-fault')->text());
        $this->browser->submit($page->filter('#doubts button')->form());
        self::assertResponseRedirects('/log');
        self::assertCount(1, $this->browser->followRedirect()->filter('.entry'));
    }

    private function handOver(int $board): Crawler
    {
        $page = $this->browser->request('GET', '/boards/'.$board);
        $this->browser->submit($page->filter('#finish')->form());

        return $this->browser->followRedirect();
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('provideImpossible')]
    public function testWhatCannotBeIsAskedBackAndChangesNothing(array $typed, string $field, string $sentence): void
    {
        $board = $this->board($this->lay());
        $this->tap($board, [['id' => 'aaaaaaaaaaaa', 'by' => 60, 'at' => 1_700_000_000_000]]);
        $this->read($board, ['length' => '68 mm']);
        $this->browser->request('POST', '/boards/'.$board.'/read', ['r' => $typed]);
        self::assertResponseStatusCodeSame(422);
        $page = $this->browser->getCrawler();
        self::assertStringContainsString($sentence, $page->filter('#r-'.$field.'-fault')->text());
        self::assertSame($typed[$field], $page->filter('#r-'.$field)->attr('value'), 'what was typed stays');
        self::assertCount(1, $this->stored($board)->readings());
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function provideImpossible(): iterable
    {
        yield 'longer than the cord' => [
            ['left' => '9 m', 'role' => 'working'], 'left', '? An end can’t be longer than its cord was cut.',
        ];
        yield 'shorter than before' => [
            ['length' => '50 mm'], 'length', 'before? Tick the box if you pushed it up, or undo moves.',
        ];
        yield 'another unit' => [['length' => '68 cm'], 'length', 'Check the unit'];
        yield 'no length' => [['length' => 'long'], 'length', 'I don’t know this'];
    }

    public function testAPushedSinnetMayBeShorter(): void
    {
        $board = $this->board($this->lay());
        $this->tap($board, [['id' => 'aaaaaaaaaaaa', 'by' => 60, 'at' => 1_700_000_000_000]]);
        $this->read($board, ['length' => '68 mm']);
        $page = $this->read($board, ['length' => '60 mm', 'pushed' => '1']);
        self::assertCount(2, $this->stored($board)->readings());
        self::assertStringContainsString(self::says('board.give'), $page->filter('#told')->text());
    }

    public function testAPlanChangedMeanwhileSaysWhatItMeansAndAsks(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        $board = $this->board($piece);
        self::assertCount(0, $this->browser->request('GET', '/boards/'.$board)->filter('#plan-changed'));
        $steps = self::getContainer()->get(Boards::class)->plan($this->stored($board))->acts();
        $tie = array_search(ActKind::Tie, array_map(static fn ($step): ActKind => $step->does, $steps->all), true);
        $this->tap(
            $board,
            [['id' => 'aaaaaaaaaaaa', 'by' => $steps->before((int) $tie) + 10, 'at' => 1_700_000_000_000]],
        );

        $this->edit($piece, ['pattern' => '16 square']);
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertStringContainsString(
            'What you’ve tied stays. The new plan has',
            $page->filter('#plan-changed')->text(),
        );
        $this->browser->submit($page->filter('#follow-changed')->form());
        self::assertSame('16 square', $this->stored($board)->making()->document()['pattern'] ?? null);

        $this->edit($piece, ['pattern' => '3 square, 20 half left']);
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertStringContainsString('your last 4 moves', $page->filter('#plan-changed')->text());
        self::assertCount(0, $page->selectButton(self::says('board.take-changed')));
        $this->browser->submit($page->filter('#keep-plan')->form());
        self::assertCount(0, $this->browser->request('GET', '/boards/'.$board)->filter('#plan-changed'));
        self::assertSame(
            '3 square, 20 half left',
            $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#pattern')->text(),
            'the piece stays as its maker wants it',
        );
        self::assertSame('16 square', $this->stored($board)->making()->document()['pattern'] ?? null);
    }

    public function testClocksRunOnAndAreToldOnTheTable(): void
    {
        $board = $this->board($this->lay(['name' => 'Drying rail']));
        $clock = ['id' => 'cccccccccccc', 'step' => '3', 'minutes' => '45'];
        $this->browser->request('POST', '/boards/'.$board.'/clock', $clock);
        $this->browser->request('POST', '/boards/'.$board.'/clock', $clock);
        $this->browser->request(
            'POST',
            '/boards/'.$board.'/clock',
            ['id' => 'dddddddddddd', 'step' => '4', 'minutes' => 'x'],
        );
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertCount(1, $page->filter('.clocks li'), 'sent twice it is one clock');
        $ends = (int) $page->filter('.clocks li')->attr('data-ends');
        self::assertEqualsWithDelta(time() + 2700, $ends, 5);
        $table = $this->browser->request('GET', '/');
        self::assertStringContainsString('Drying rail', $table->filter('#in-work')->text());
        self::assertStringContainsString('dries until', $table->filter('#in-work')->text());
        $this->browser->submit($page->filter('#stop-cccccccccccc')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('.clocks li'));

        $this->browser->request('POST', '/boards/'.$board.'/pause', ['note' => 'Red pair on top']);
        self::assertStringContainsString(
            'Red pair on top',
            $this->browser->followRedirect()->filter('#board-note')->text(),
        );
    }

    /**
     * A glue that takes a day is waited for a day, whatever is usual; one that does not bear it is not offered.
     */
    public function testAClockRunsAsLongAsTheGlueOfTheStockTakes(): void
    {
        $box = self::getContainer()->get(StockBox::class);
        $box->keep(null, Kind::Glue, ['name' => 'Overnight', 'cure' => '30 h', 'bears' => ['bending']]);
        $box->keep(null, Kind::Glue, ['name' => 'Brittle', 'cure' => '5 min', 'bears' => ['water']]);
        $board = $this->board($this->lay(['cords.core.fibre' => 'hemp', 'cords.working.fibre' => 'hemp']));
        $page = $this->browser->request('GET', '/boards/'.$board);
        self::assertSame(['Start Overnight, 30 h'], $page->filter('.glue-clocks button')->extract(['_text']));
        $said = $page->filter('#board-data')->text();
        self::assertStringContainsString(
            'Leave it for 30 hours, or as long as its label says',
            $said,
            'the sentence as the clock',
        );
        self::assertStringNotContainsString('30 minutes', $said);
        $days = self::getContainer()->get(Days::class);
        $day = $days->of($days->today(), KeptDays::planned(
            ['pieces' => $days->uids([$this->stored($board)->piece()?->id() ?? 0])],
        ));
        self::assertContains(1800, array_column($day->chains[0], 1), 'and the day is planned with it');
        $this->browser->submit($page->filter('.glue-clocks button')->form());
        $page = $this->browser->followRedirect();
        self::assertEqualsWithDelta(time() + 30 * 3600, (int) $page->filter('.clocks li')->attr('data-ends'), 5);
        self::assertStringContainsString(self::says('board.glue-dries'), $page->filter('.clocks li')->text());
        $day = (string) (new \IntlDateFormatter('en_GB', \IntlDateFormatter::MEDIUM, \IntlDateFormatter::NONE))
            ->format(time() + 30 * 3600);
        $table = $this->browser->request('GET', '/');
        self::assertStringContainsString('dries until '.$day, $table->filter('#in-work')->text());
    }

    /**
     * The pace is the median of what lies between taps; finishing hands over length, cord and minutes to the log.
     */
    public function testFinishingHandsOverToTheLogAndThePaceIsLearnt(): void
    {
        $piece = $this->lay(['pattern' => '40 square']);
        $board = $this->board($piece);
        $paces = self::getContainer()->get(Paces::class);
        $plan = self::getContainer()->get(Boards::class)->plan($this->stored($board));
        $steps = $plan->acts();
        $usual = (new Pace())->chain($steps);
        $taps = [];
        for ($i = 0; $i < $steps->moves; ++$i) {
            $taps[] = ['id' => \sprintf('%012x', $i + 1), 'by' => 1, 'at' => 1_700_000_000_000 + 3000 * $i];
        }
        $this->tap($board, $taps);
        self::assertSame((int) ceil(3 * ($steps->moves - 1) / 60), $paces->minutes($this->stored($board)));
        $own = $paces->pace()->chain($steps);
        self::assertLessThan($usual[0][0], $own[0][0], 'three seconds a half knot');
        $tie = array_values(array_filter($steps->all, static fn ($step): bool => ActKind::Tie === $step->does))[0];
        self::assertEqualsWithDelta(3.0 * $tie->stint->count, $paces->pace()->seconds($tie), 0.1);

        // What was tied before and is tapped in one go says nothing: neither the taps nor the long gap before them.
        $this->tap($board, [['id' => 'fffffffffffe', 'by' => -$steps->moves, 'at' => 1_700_100_000_000]]);
        $burst = [];
        for ($i = 0; $i < $steps->moves; ++$i) {
            $at = 1_700_100_060_000 + 60_000 * intdiv($i, 10) + 250 * ($i % 10);
            $burst[] = ['id' => \sprintf('b%011x', $i + 1), 'by' => 1, 'at' => $at];
        }
        $this->tap($board, $burst);
        self::assertEqualsWithDelta(3.0 * $tie->stint->count, $paces->pace()->seconds($tie), 0.1);

        $this->read($board, [
            'length' => (string) $plan->draft->body(), 'left' => '31 cm', 'role' => 'working',
        ]); // after the last move, so it is of the finished piece
        $page = $this->browser->request('GET', '/boards/'.$board);
        $this->browser->submit($page->filter('#finish')->form());
        $page = $this->browser->followRedirect();
        self::assertSame('31 cm', $page->filter('#l-left-working')->attr('value'));
        self::assertNotSame('', (string) $page->filter('#l-body')->attr('value'));
        self::assertNotSame('', (string) $page->filter('#l-minutes')->attr('value'));
        $this->browser->submit($page->selectButton(self::says('log.write'))->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('31 cm left', $page->filter('.entry')->text());
        self::assertTrue($this->stored($board)->isFinished());
        self::assertCount(0, $this->browser->request('GET', '/')->filter('#in-work'));
        self::assertNotSame($board, $this->board($piece), 'made again it lies on a new board');
    }

    public function testADayOrdersWhatWasChosen(): void
    {
        $leather = $this->lay(['name' => 'Glued', 'cords.core.fibre' => 'cotton', 'cords.working.fibre' => 'cotton']);
        $plain = $this->lay(['name' => 'Plain']);
        $page = $this->browser->request('GET', '/day');
        self::assertCount(0, $page->filter('#day-order'));
        $page = $this->browser->request(
            'GET',
            '/day',
            ['p' => [$plain->id(), $leather->id(), 'x', '99999'], 'begin' => '13:15'],
        );
        self::assertStringContainsString(self::says('day.proven'), $page->filter('#day-ends')->text());
        self::assertStringContainsString('13:15', $page->filter('#day-order')->text());
        self::assertStringContainsString('then dries until', $page->filter('#day-order')->text());
        self::assertStringStartsWith('13:15', trim($page->filter('#day-order li')->eq(0)->text()));
        self::assertStringContainsString(
            'Glued',
            $page->filter('#day-order li')->eq(0)->text(),
            'what has to wait comes first',
        );
        self::assertCount(1, $page->filter('svg.day-line'));
        $this->browser->submit($page->filter('#day-order li')->eq(0)->selectButton('Start making')->form());
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('GET', '/day', ['p' => 'x', 'begin' => '99:99']);
        self::assertResponseIsSuccessful();
    }

    private function board(StoredPiece $piece): int
    {
        $this->browser->request('POST', '/pieces/'.$piece->id().'/board');
        self::assertResponseStatusCodeSame(303);
        preg_match('~/boards/(\d+)~', (string) $this->browser->getResponse()->headers->get('Location'), $match);

        return (int) ($match[1] ?? 0);
    }

    private function stored(int $board): StoredBoard
    {
        return self::getContainer()->get(Boards::class)->find($board) ?? self::fail('There is no such board.');
    }

    /**
     * @param list<array{id: string, by: int, at: int}> $taps
     *
     * @return array{moves: int}
     */
    private function tap(int $board, array $taps): array
    {
        $this->browser->request('POST', '/boards/'.$board.'/taps', content: (string) json_encode(['taps' => $taps]));
        self::assertResponseIsSuccessful();

        /** @var array{moves: int} */
        return json_decode((string) $this->browser->getResponse()->getContent(), true, 8, \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, string> $typed
     */
    private function read(int $board, array $typed): Crawler
    {
        $this->browser->request('POST', '/boards/'.$board.'/read', ['r' => $typed]);
        self::assertResponseStatusCodeSame(303, $this->browser->getCrawler()->filter('.fault')->text(''));

        return $this->browser->followRedirect();
    }
}
