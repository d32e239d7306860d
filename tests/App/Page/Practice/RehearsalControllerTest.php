<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Practice;

use PHPUnit\Framework\Attributes\Group;
use Rinkel\App\Practice\CourseBook;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Rehearsal;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class RehearsalControllerTest extends WebCase
{
    public function testAWholeEveningIsMadeWithoutCord(): void
    {
        $this->rehearse(1);
    }

    /**
     * From the first overhand to two wraps: every evening's piece without cord, its knots and its piece noted; then
     * there is none to go on with.
     */
    #[Group('slow')]
    public function testTheWholeCourseIsGoneThrough(): void
    {
        foreach (array_keys(TenEvenings::evenings()) as $number) {
            $page = $this->browser->request('GET', '/course');
            self::assertStringContainsString(
                self::says('course.next'),
                $page->filter('[data-evening="'.$number.'"]')->text(),
            );
            $this->rehearse($number);
            foreach (['knots', 'piece'] as $step) {
                $page = $this->browser->request('GET', '/course/'.$number);
                $this->browser->submit($page->filter('#step-'.$step)->form());
            }
        }
        $page = $this->browser->request('GET', '/course');
        self::assertCount(10, $page->filter('#evenings li[data-done="1"]'));
        self::assertStringNotContainsString(self::says('course.next'), $page->filter('#evenings')->text());
    }

    /**
     * A slip is told with what comes of it, and nothing goes on.
     */
    public function testASlipIsTold(): void
    {
        $page = $this->browser->request('GET', '/course/3/rehearsal', ['at' => '12']);
        $page = $this->chosen($page, false);
        self::assertSame('12', $page->filter('#rehearsal')->attr('data-at'));
        self::assertSame('One slip so far.', $page->filter('#missed')->text());
        self::assertStringContainsString('the band begins to twist', $page->filter('#told')->text());
        self::assertCount(1, $page->filter('#told svg'), 'and drawn');
        self::assertCount(1, $page->filter('#stage'), 'with the lesson of the move that is right');
        $page = $this->chosen($page, true);
        self::assertSame('13', $page->filter('#rehearsal')->attr('data-at'));
        self::assertSame('One slip so far.', $page->filter('#missed')->text());
        $page = $this->browser->click($page->filter('#rest')->link());
        self::assertStringStartsWith('Step 7 ', $page->filter('#rehearsal .hint')->text());
    }

    public function testWhoWatchesGoesBackAndForth(): void
    {
        $page = $this->browser->request('GET', '/course/3/rehearsal', ['watch' => '1']);
        self::assertCount(0, $page->filter('#choices'));
        $page = $this->browser->click($page->filter('#watch-act')->link());
        self::assertSame('2', $page->filter('#rehearsal')->attr('data-at'), 'two cores are cut');
        $page = $this->browser->click($page->filter('#watch-next')->link());
        $page = $this->browser->click($page->filter('#watch-back')->link());
        self::assertSame('2', $page->filter('#rehearsal')->attr('data-at'));
        $page = $this->browser->click($page->filter('#do-it')->link());
        self::assertCount(1, $page->filter('#choices'));
    }

    public function testAPieceOfOnesOwn(): void
    {
        $id = $this->lay()->id();
        $page = $this->browser->request('GET', '/pieces/'.$id.'/rehearsal', ['at' => '999999']);
        self::assertStringContainsString(self::says('rehearsal.over'), $page->filter('#rehearsal')->text());
        self::assertCount(1, $page->filter('#rehearsal form[action$="/board"]'));
        $this->browser->request('GET', '/pieces/'.$id.'/rehearsal', server: ['HTTP_HX_REQUEST' => 'true']);
        $answer = (string) $this->browser->getResponse()->getContent();
        self::assertStringStartsWith('<section id="rehearsal"', trim($answer), 'a small part');
        self::assertLessThan(30_000, \strlen($answer));
    }

    /**
     * Whatever stands in an address is a place in the piece, or its beginning.
     */
    public function testAnyAddressIsAnswered(): void
    {
        foreach ([
            ['at' => 'x'], ['at' => '-4'], ['at' => ['a']], ['at' => '3', 'choose' => 'nothing'],
            ['at' => '3', 'choose' => '00000000'], ['missed' => '99999999999'], ['watch' => ['x']],
        ] as $query) {
            $this->browser->request('GET', '/course/2/rehearsal', $query);
            self::assertResponseIsSuccessful();
        }
        foreach (['/course/11/rehearsal', '/course/0/rehearsal', '/pieces/999/rehearsal'] as $nowhere) {
            $this->browser->request('GET', $nowhere);
            self::assertResponseStatusCodeSame(404);
        }
    }

    /**
     * By plain forms from the first cut to the last trim, each choice as its button says it; then the evening has it
     * behind it.
     */
    private function rehearse(int $evening): void
    {
        $page = $this->browser->request('GET', '/course/'.$evening.'/rehearsal');
        for ($moves = 0; $moves < 400 && $page->filter('#choices')->count() > 0; ++$moves) {
            self::assertSame((string) $moves, $page->filter('#rehearsal')->attr('data-at'));
            $page = $this->chosen($page, true);
        }
        self::assertStringContainsString('Not one slip.', $page->filter('#rehearsal')->text());
        $this->browser->submit($page->filter('#rehearsed')->form());
        $page = $this->browser->followRedirect();
        self::assertSame('1', $page->filter('[data-step=rehearsal]')->attr('data-done'));
        self::assertSame('0', $page->filter('[data-step=piece]')->attr('data-done'));
    }

    /**
     * Presses the button of what is right now, or of a slip from the other side.
     */
    private function chosen(Crawler $page, bool $isRight): Crawler
    {
        $at = (int) $page->filter('#rehearsal')->attr('data-at');
        $choices = (new Rehearsal($this->plan((string) $page->getUri())))->choices($at);
        $keys = array_map(static fn (Attempt $one): string => $one->key(), array_filter(
            $choices,
            static fn (Attempt $one): bool => $one->isRight() === $isRight && ($isRight || null !== $one->move->side),
        ));
        $button = $page->filter('#choices button[value="'.(array_values($keys)[0] ?? '').'"]');
        self::assertCount(1, $button);

        return $this->browser->submit($button->form());
    }

    private function plan(string $address): Plan
    {
        preg_match('~/course/(\d+)/~', $address, $of);
        $book = self::getContainer()->get(CourseBook::class);
        \assert($book instanceof CourseBook);

        return $book->plan(TenEvenings::evenings()[(int) ($of[1] ?? 1)]);
    }
}
