<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Practice;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Practice\Practices;
use Rinkel\App\Practice\StoredBox;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class PracticeControllerTest extends WebCase
{
    /**
     * As a plain form: each exercise is met, answered right it waits, answered wrong it comes at once, with the reason.
     */
    public function testRightWaitsAndWrongComesAgain(): void
    {
        $met = [];
        foreach (array_keys(Exercises::all()) as $ignored) {
            $page = $this->browser->request('GET', '/practice');
            $of = (string) $page->filter('input[name=of]')->attr('value');
            $met[$of] = true;
            $seed = (int) $page->filter('input[name=seed]')->attr('value');
            $right = self::practices()->question($of, $seed)->right ?? 0;
            $form = $page->filter('#answers button')->eq($right)->form();
            $this->browser->submit($form);
            $page = $this->browser->followRedirect();
            self::assertStringStartsWith('Right.', $page->filter('#told')->text());
            self::assertCount(1, $page->filter('.is-right'));
        }
        self::assertEqualsCanonicalizing(array_keys(Exercises::all()), array_keys($met), 'each was due once');
        self::assertNull(self::practices()->due());
        $page = $this->browser->request('GET', '/practice');
        self::assertStringContainsString(self::says('practice.all-done'), $page->filter('main')->text());

        $page = $this->browser->request('GET', '/practice', ['of' => 'count-bumps']);
        self::assertCount(1, $page->filter('svg.practice-drawing'), 'drawn by the engine');
        $this->browser->submit($page->filter('#answers button')->eq(0)->form());
        $page = $this->browser->followRedirect();
        self::assertStringStartsWith('Not quite.', $page->filter('#told')->text());
        self::assertStringContainsString('one bump', $page->filter('#told')->text());
        self::assertCount(1, $page->filter('.is-wrong'));
        self::assertSame('count-bumps', self::practices()->due());
    }

    /**
     * A question about a move shows what is before it; once answered, the move is there.
     */
    public function testThePictureGoesOnOnlyOnceItIsAnswered(): void
    {
        $seen = 0;
        foreach (array_keys(Exercises::all()) as $of) {
            $question = self::practices()->question($of, 5);
            if (null === $question?->shown) {
                continue;
            }
            ++$seen;
            $picture = static fn (Crawler $page): string => $page->filter('svg')->first()->outerHtml();
            $page = $this->browser->request('GET', '/practice', ['of' => $of]);
            $before = $picture($page);
            $shown = self::practices()->question($of, (int) $page->filter('input[name=seed]')->attr('value'))?->shown;
            $lesson = Lessons::all()->named($shown->lesson ?? '', $shown->side ?? Side::Left);
            self::assertNotNull($lesson);
            self::assertSame(
                self::getContainer()->get(LessonWords::class)->frame($lesson, $shown->frame ?? -1),
                $page->filter('svg')->first()->attr('aria-label'),
            );
            $this->browser->submit($page->filter('#answers button')->first()->form());
            self::assertNotSame($before, $picture($this->browser->followRedirect()), $of);
        }
        self::assertGreaterThan(0, $seen);
    }

    /**
     * What was never asked is in the first box; answered right it goes on to the second, answered wrong it stays.
     */
    public function testABoxIsTheFirstUntilItIsAnswered(): void
    {
        $now = new \DateTimeImmutable('2026-06-01');
        $box = new StoredBox('next-side', $now);
        self::assertSame([1, 0], [$box->box(), $box->asked()]);
        $box->answered(true, $now);
        self::assertSame([2, 1], [$box->box(), $box->asked()]);
        self::assertGreaterThan($now, $box->dueAt());
    }

    public function testAnythingElseIsNoAnswer(): void
    {
        foreach ([
            [],
            ['of' => 'next-side', 'seed' => 'x', 'answer' => '0'],
            ['of' => 'nothing', 'seed' => '1', 'answer' => '0'],
            ['of' => 'next-side', 'seed' => '1', 'answer' => '9'],
            ['of' => ['a'], 'seed' => ['b']],
        ] as $sent) {
            $this->browser->request('POST', '/practice', $sent);
            self::assertResponseRedirects('/practice', 303);
        }
        $this->browser->request('GET', '/practice', ['of' => ['x']]);
        self::assertResponseIsSuccessful();
        foreach (self::practices()->boxes() as $box) {
            self::assertSame(0, $box->asked());
        }
        // Who begins on the right is asked so.
        $this->browser->request('POST', '/settings', ['side' => 'right']);
        self::assertStringContainsString('right', serialize(self::practices()->question('next-side', 7)));
    }

    private static function practices(): Practices
    {
        return self::getContainer()->get(Practices::class);
    }
}
