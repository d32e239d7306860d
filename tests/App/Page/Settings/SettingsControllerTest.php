<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Settings;

use Doctrine\DBAL\Connection;
use Rinkel\App\Settings\Preferences;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class SettingsControllerTest extends WebCase
{
    public function testNewPiecesBeginAsTheirMakerWorks(): void
    {
        $page = $this->keep(['unit' => 'in', 'tension' => 'firm', 'risk' => '20', 'gauge' => '1 1/8 in']);
        self::assertStringContainsString(
            'Saved. New pieces will use these settings.',
            $page->filter('[role=status]')->text(),
        );
        self::assertSame('20', $page->filter('#risk')->attr('value'));
        self::assertNotNull($page->filter('#tension-firm')->attr('checked'));

        $new = $this->browser->request('GET', '/new');
        self::assertNotNull($new->filter('input[name=unit][value=in]')->first()->attr('checked'));
        $this->browser->request(
            'POST',
            '/pieces',
            ['girth' => '6 1/2', 'unit' => 'in', 'construction' => 'square-knot-band'],
        );
        $piece = $this->browser->followRedirect();
        self::assertNotNull($piece->filter('#tension-firm')->attr('checked'));
        self::assertSame('20', $piece->filter('#risk')->attr('value'));
        self::assertCount(0, $piece->filter('[data-check=hand-unsaid]'), 'the hand is known');
    }

    /**
     * What a later Rinkel kept, or somebody by hand, is left alone and is no setting here.
     */
    public function testWhatIsNoSettingIsLeftAlone(): void
    {
        self::getContainer()->get(Connection::class)->insert(
            'setting',
            ['member' => '', 'name' => 'moon', 'text' => 'full'],
        );
        $preferences = self::getContainer()->get(Preferences::class);
        $preferences->reset();

        self::assertSame(Preferences::names(), array_keys($preferences->all()));
    }

    /**
     * Who changes the unit can have her older pieces in it too, each in a step that is undone on its page.
     */
    public function testOlderPiecesCanFollowTheUnit(): void
    {
        $piece = $this->lay(['name' => 'Old']);
        $this->lay(['name' => 'Inch', 'unit' => 'in', 'wearer.girth' => '6 1/2 in']);
        $page = $this->keep(['unit' => 'in']);
        self::assertStringContainsString('One piece isn’t in inches', $page->filter('#other-units')->text());
        $this->browser->submit($page->filter('#other-units')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#other-units'));
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertStringEndsWith(' in', (string) $page->filter('#wearer-girth')->attr('value'));
        $sent = $page->filter('#edit')->form()->getPhpValues();
        $this->browser->request('POST', '/pieces/'.$piece->id(), ['do' => 'undo'] + $sent);
        self::assertStringEndsWith(' cm', (string) $this->browser->request('GET', '/pieces/'.$piece->id())
            ->filter('#wearer-girth')->attr('value'));
    }

    public function testAPieceSaysWhereItDiffers(): void
    {
        $this->keep(['tension' => 'firm', 'risk' => '20']);
        $piece = $this->lay();
        $usual = fn (): array => $this->browser->request(
            'GET',
            '/pieces/'.$piece->id(),
        )->filter('[aria-labelledby=hand] .usual')->extract(['_text']);
        self::assertSame([], $usual(), 'what is left open differs from nothing');
        $this->edit($piece, ['tension' => 'loose', 'risk' => '20']);
        self::assertSame(['Your usual: firm'], $usual());
        $this->edit($piece, ['tension' => 'firm', 'risk' => '10']);
        self::assertSame(['Your usual: 20'], $usual());
    }

    public function testWhatCannotBeSetIsToldAndTheRestIsKept(): void
    {
        $page = $this->browser->request(
            'POST',
            '/settings',
            ['unit' => 'ell', 'tension' => 'even', 'risk' => 'never', 'gauge' => '4 furlongs'],
        );
        self::assertResponseStatusCodeSame(422);
        self::assertSame('never', $page->filter('#risk')->attr('value'), 'what was typed stands there');
        self::assertSame('4 furlongs', $page->filter('#gauge')->attr('value'));
        self::assertCount(3, $page->filter('.faulty .fault'));
        $preferences = self::getContainer()->get(Preferences::class);
        self::assertInstanceOf(Preferences::class, $preferences);
        self::assertSame(
            ['tension' => 'even'],
            array_filter($preferences->all(), static fn (string $text): bool => '' !== $text),
        );

        $this->browser->request('POST', '/settings', ['unit' => ['x'], 'risk' => "\xff"]);
        self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        $this->keep([]);
        $preferences = self::getContainer()->get(Preferences::class);
        self::assertInstanceOf(Preferences::class, $preferences);
        self::assertSame('', implode('', $preferences->all()), 'nothing said is nothing set');
    }

    /**
     * What the hand does otherwise than usual changes what is cut, in each new piece and in no other.
     */
    public function testHabitsChangeWhatIsCutAndAPieceSaysWhereItDiffers(): void
    {
        $before = $this->lay();
        $cuts = fn (int $id): array => $this->browser->request('GET', '/pieces/'.$id.'?stage=cut')
            ->filter('[data-cut] .cut-length')->extract(['_text']);
        $usual = $cuts($before->id());
        $this->keep(
            [
                'rounding' => '5 cm', 'workingEnds' => '150 mm', 'sliderKnots' => '6', 'side' => 'right',
                'melting' => 'glue', 'gluing' => 'last', 'working' => 'last', 'stops' => 'first',
                'button' => 'last',
            ],
        );
        self::assertSame($usual, $cuts($before->id()), 'a piece that is there stays as it is');
        $page = $this->browser->request('GET', '/pieces/'.$before->id());
        self::assertSame(
            [
                'Your usual: right cord', 'Your usual: glue', 'Your usual: trim, then glue',
                'Your usual: finished last, with all the other ends', 'Your usual: before the slider',
                'Your usual: the loop first, the button last',
            ],
            $page->filter('#habits .usual')->extract(['_text']),
        );
        self::assertNotNull($page->filter('#habits')->attr('open'), 'it differs: that is not hidden');

        $this->browser->request('POST', '/pieces', ['girth' => '16 cm', 'construction' => 'square-knot-band']);
        $page = $this->browser->followRedirect();
        self::assertSame('6', $page->filter('#closure-knots')->attr('value'));
        self::assertSame(
            '150 mm',
            str_replace('15 cm', '150 mm', (string) $page->filter('#habits-workingEnds')->attr('value')),
        );
        self::assertNotNull($page->filter('#habits-side-right')->attr('checked'));
        self::assertCount(0, $page->filter('#habits .usual'));
        self::assertGreaterThan(1, $page->filter('[data-cut] .cut-length .length')->count());
        $page->filter('[data-cut] .cut-length .length')->each(static function (Crawler $cut): void {
            self::assertSame(0, (int) $cut->text() % 5, 'every cut is a whole number of steps');
        });
        self::assertStringContainsString('glue, as you prefer', $page->filter('[data-check=finish-glue]')->text());
        self::assertStringContainsString(
            'Trim at the knot, put a drop',
            $page->filter('[data-check=finish-glue]')->text(),
        );
        self::assertCount(0, $page->filter('[data-check=open-flame]'), 'no flame, no caution of one');
    }

    public function testCautionsAreShortOrWholeButNeverGone(): void
    {
        $piece = $this->lay();
        $cautions = fn (): array => $this->browser->request('GET', '/pieces/'.$piece->id())
            ->filter('.check-caution')->extract(['data-check']);
        $whole = $cautions();
        self::assertNotSame([], $whole);
        $this->keep(['safety' => 'short']);
        self::assertSame($whole, $cautions());
        $page = $this->browser->getCrawler();
        self::assertCount(\count($whole), $page->filter('.check-caution details summary'));
        self::assertStringContainsString(
            'small parts and small children',
            $page->filter('[data-check=small-parts] summary')->text(),
        );
        self::assertStringContainsString(
            'Cords and small parts aren’t for children under three',
            $page->filter('[data-check=small-parts]')->text(),
        );
        $this->browser->request('POST', '/settings', ['safety' => 'none']);
        self::assertResponseStatusCodeSame(422);
    }

    public function testPricesAreNumbers(): void
    {
        $page = $this->browser->request(
            'POST',
            '/settings',
            ['rate' => 'plenty', 'factor' => '0.5', 'currency' => 'XYZ'],
        );
        self::assertCount(2, $page->filter('.faulty .fault'));
        $page = $this->keep(['rate' => '18,50', 'factor' => '2.2', 'currency' => 'SEK']);
        self::assertSame('18.50', $page->filter('#rate')->attr('value'));
        self::assertSame('SEK Swedish Krona', $page->filter('#currency option[selected]')->text());
    }

    /**
     * @param array<string, string> $texts
     */
    private function keep(array $texts): Crawler
    {
        $this->browser->request('POST', '/settings', $texts);
        self::assertResponseStatusCodeSame(303);

        return $this->browser->followRedirect();
    }
}
