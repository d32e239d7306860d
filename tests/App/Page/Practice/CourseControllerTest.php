<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Practice;

use Rinkel\App\Settings\KeptSettings;
use Rinkel\App\Settings\Preferences;
use Rinkel\Tests\App\WebCase;

final class CourseControllerTest extends WebCase
{
    public function testTenEveningsEachDrawnAndOneIsNext(): void
    {
        $page = $this->browser->request('GET', '/course');
        self::assertResponseIsSuccessful();
        self::assertCount(10, $page->filter('#evenings li'));
        self::assertStringContainsString(self::says('course.next'), $page->filter('[data-evening="1"]')->text());
        self::assertStringContainsString('Overhand knot', $page->filter('[data-evening="1"]')->text());
        foreach ($page->filter('#evenings img')->extract(['src']) as $picture) {
            self::assertIsString($picture);
            $this->browser->request('GET', $picture);
            self::assertResponseIsSuccessful();
            self::assertStringStartsWith('<svg', (string) $this->browser->getResponse()->getContent());
        }
        $this->browser->request('GET', '/course/11.svg');
        self::assertResponseStatusCodeSame(404);
    }

    /**
     * Cords are cut for the wrist that was measured, in the unit of the page, and it is kept.
     */
    public function testPiecesAreForTheWristThatWasMeasured(): void
    {
        $needs = fn (): string => $this->browser->request('GET', '/course/3')->filter('#needs')->text();
        $usual = $needs();
        self::assertStringContainsString('16 cm', $usual);
        foreach (['', 'thick', '3 cm', '90 cm', '-16 cm'] as $typed) {
            $page = $this->browser->request('POST', '/course', ['wrist' => $typed]);
            self::assertResponseStatusCodeSame(422);
            self::assertNotSame('', $page->filter('#c-wrist-fault')->text(), $typed);
            self::assertSame($typed, $page->filter('#c-wrist')->attr('value'), 'what was typed is there');
        }
        self::assertSame($usual, $needs());
        $this->browser->request('POST', '/course', ['wrist' => '7 1/2 in']);
        self::assertResponseRedirects('/course', 303);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('19', (string) $page->filter('#c-wrist')->attr('value'));
        self::assertNotSame($usual, $needs());
    }

    /**
     * Each step is noted and taken back; with all of them the next evening is the one to go on with.
     */
    public function testWhatIsBehindOneIsKept(): void
    {
        foreach (['knots', 'rehearsal', 'piece'] as $step) {
            $this->browser->request('POST', '/course/1', ['step' => $step]);
            self::assertResponseRedirects('/course/1', 303);
        }
        $page = $this->browser->request('GET', '/course');
        self::assertSame('1', $page->filter('[data-evening="1"]')->attr('data-done'));
        self::assertStringContainsString(self::says('course.next'), $page->filter('[data-evening="2"]')->text());
        $page = $this->browser->request('GET', '/course/1');
        $this->browser->submit($page->filter('#step-piece')->form());
        $page = $this->browser->followRedirect();
        self::assertSame('0', $page->filter('[data-step=piece]')->attr('data-done'));
        self::assertSame('1', $page->filter('[data-step=knots]')->attr('data-done'));
        foreach ([['step' => 'nothing'], [], ['step' => ['knots']]] as $sent) {
            $this->browser->request('POST', '/course/1', $sent);
            self::assertResponseRedirects('/course/1', 303);
        }
        $this->browser->request('POST', '/course/11', ['step' => 'knots']);
        self::assertResponseStatusCodeSame(404);
    }

    /**
     * Whoever saves their settings, or looks at examples and removes them, is as far as they were.
     */
    public function testSettingsLeaveItAlone(): void
    {
        $this->browser->request('POST', '/course', ['wrist' => '17 cm']);
        $this->browser->request('POST', '/course/2', ['step' => 'knots']);
        $form = $this->browser->request('GET', '/settings')->filter('form[action="/settings"]')->first()->form();
        $this->browser->submit($form);
        self::assertResponseRedirects();
        foreach (['/examples', '/examples/remove'] as $path) {
            $this->browser->request('POST', $path);
            self::assertResponseRedirects();
        }
        $page = $this->browser->request('GET', '/course/2');
        self::assertSame('1', $page->filter('[data-step=knots]')->attr('data-done'));
        self::assertStringContainsString('17 cm', $page->filter('#needs')->text());
    }

    /**
     * Settings in a file from before the course take everything else over, and leave alone how far one is.
     */
    public function testAnOlderArchiveLeavesItAlone(): void
    {
        $this->browser->request('POST', '/course', ['wrist' => '17 cm']);
        $this->browser->request('POST', '/course/2', ['step' => 'knots']);
        $kept = self::getContainer()->get(KeptSettings::class);
        $before = self::getContainer()->get(Preferences::class)->all()['course'] ?? '';
        self::assertNotSame('', $before);
        $kept->bring($kept->read(['uid' => KeptSettings::UID, 'unit' => 'in']));
        $now = self::getContainer()->get(Preferences::class)->all();
        self::assertSame([$before, 'in'], [$now['course'] ?? '', $now['unit'] ?? '']);
        $kept->bring($kept->read(['uid' => KeptSettings::UID, 'course' => $before]));
        self::assertSame('', self::getContainer()->get(Preferences::class)->all()['unit'] ?? null);
    }

    /**
     * Where a flame is needed, or glue, it says so before anything is begun.
     */
    public function testCareIsSaid(): void
    {
        $text = $this->browser->request('GET', '/course/6')->filter('[aria-labelledby=cautions]')->text();
        self::assertStringContainsString('flame', $text);
        $text = $this->browser->request('GET', '/course/1')->filter('[aria-labelledby=cautions]')->text();
        self::assertStringContainsString('glue', mb_strtolower($text));
    }

    /**
     * The eye has practised once the exercise of the evening was answered rightly.
     */
    public function testTheEyeIsPractisedWhereQuestionsAreAsked(): void
    {
        $isDone = fn (): ?string => $this->browser->request('GET', '/course/3')->filter('[data-step=practice]')
            ->attr('data-done');
        self::assertSame('0', $isDone());
        for ($seed = 1; $seed < 9; ++$seed) {
            foreach (['0', '1'] as $answer) {
                $this->browser->request('POST', '/practice', [
                    'of' => 'next-side', 'seed' => (string) $seed, 'answer' => $answer,
                ]);
                $told = $this->browser->followRedirect()->filter('#told')->text();
                self::assertSame(str_starts_with($told, 'Right.') ? '1' : '0', $isDone());
            }
        }
    }

    public function testThePieceIsAPieceLikeAnyOther(): void
    {
        $page = $this->browser->request('GET', '/course/5');
        $this->browser->submit($page->filter('#make-form')->form());
        $page = $this->browser->followRedirect();
        self::assertResponseIsSuccessful();
        self::assertSame('Evening 5', $page->filter('[name="f[name]"]')->attr('value'));
        self::assertCount(1, $page->filter('#piece'));
    }
}
