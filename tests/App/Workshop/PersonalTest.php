<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Workshop;

use Rinkel\App\Log\Log;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\StoredDeed;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Tests\App\WorkshopCase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\DomCrawler\Crawler;

/**
 * What each has for themselves in a workshop, and what is noted of whom.
 */
final class PersonalTest extends WorkshopCase
{
    private const SAMPLE = ['s' => [
        'knot' => 'square', 'count' => '10', 'core.count' => '2', 'core.thickness' => '1 mm',
        'cord.fibre' => 'polyester', 'cord.thickness' => '1 mm', 'length' => '9 cm', 'before' => '60 cm',
        'after' => '10 cm',
    ]];

    public function testEachHasTheirOwnSettingsAndThePricesAreForAll(): void
    {
        $this->browser->request('POST', '/settings', ['tension' => 'loose', 'unit' => 'in', 'rate' => '15']);
        $this->come('Bo', $this->begin());
        $page = $this->get('/settings');
        self::assertSame('loose', $this->chosen($page, 'tension'), 'what held before holds until they set another');
        self::assertCount(0, $page->filter('#rate'), 'a helper sees no prices');
        $this->browser->request('POST', '/settings', [
            'tension' => 'firm', 'unit' => 'cm', 'language' => 'de', 'rate' => '99',
        ]);
        self::assertSame('de', $this->get('/settings')->filter('html')->attr('lang'));
        self::assertSame('firm', $this->chosen($this->browser->getCrawler(), 'tension'));

        $this->as('Ada');
        $page = $this->get('/settings');
        self::assertSame('en', $page->filter('html')->attr('lang'));
        self::assertSame(['loose', 'in', '15'], [
            $this->chosen($page, 'tension'), $this->chosen($page, 'unit'), $page->filter('#rate')->attr('value'),
        ]);
        $this->browser->request('POST', '/settings', ['tension' => 'even', 'rate' => '18', 'unit' => 'in']);
        $this->as('Bo');
        self::assertSame('firm', $this->chosen($this->get('/settings'), 'tension'));
        $this->as('');
        self::assertSame('18', self::getContainer()->get(Preferences::class)->all()['rate']);
    }

    /**
     * What was measured before is the owner's hand; what somebody measures later is their own.
     */
    public function testEachHasTheirOwnHand(): void
    {
        $this->browser->request('POST', '/samples', self::SAMPLE);
        self::assertSame(303, $this->code());
        $this->come('Bo', $this->begin());
        self::assertCount(0, $this->get('/samples')->filter('form[action$=aside]'));
        $this->browser->request('POST', '/samples', ['s' => ['length' => '7 cm'] + self::SAMPLE['s']]);
        self::assertCount(1, $this->get('/samples')->filter('form[action$=aside]'));
        $his = (string) $this->browser->getCrawler()->filter('form[action$=aside]')->attr('action');
        $this->as('Ada');
        $page = $this->get('/samples');
        self::assertCount(1, $page->filter('form[action$=aside]'));
        self::assertStringContainsString('9 cm', $page->filter('main')->text());
        self::assertStringNotContainsString('7 cm', $page->filter('main')->text());
        $this->browser->request('POST', $his);
        self::assertSame(404, $this->code(), 'nobody puts another’s sample aside');
    }

    public function testAFinishedPieceTeachesTheHandOfWhoMadeIt(): void
    {
        $piece = $this->lay();
        $this->come('Bo', $this->begin());
        $this->as('Ada');
        $page = $this->get('/pieces/'.$piece->id().'/finish');
        $offered = $page->filter('#l-by option');
        self::assertSame(['Ada', 'Bo'], $offered->each(static fn (Crawler $one): string => $one->text()));
        $bo = (string) $page->filter('#l-by option:last-child')->attr('value');
        $form = $page->filter('main form')->form(['l[body]' => '', 'l[minutes]' => '50', 'l[by]' => $bo]);
        $this->browser->submit($form);
        self::assertResponseRedirects('/log');
        self::assertStringContainsString('Made by Bo', $this->get('/log')->filter('main')->text());
        $log = self::getContainer()->get(Log::class);
        self::assertCount(0, $log->observations(str_repeat('a', 32)));
        self::assertSame($log->observations(), $log->observations($bo));
    }

    public function testItIsNotedWhoDidWhat(): void
    {
        $piece = $this->lay(['name' => 'Heather band']);
        $this->come('Bo', $this->begin('maker'));
        $this->edit($piece, ['wearer.girth' => '17 cm']);
        $this->edit($piece, ['wearer.girth' => '18 cm']);
        $this->browser->request('POST', '/pieces/'.$piece->id(), ['f' => ['wearer.girth' => 'wide'], 'version' => '1']);
        $this->as('Ada');
        $this->browser->request('POST', '/people', ['name' => 'Somebody']);
        $page = $this->get('/workshop/record');
        $deeds = $page->filter('main ol li')->each(
            static fn (Crawler $li): string => $li->filter('span')->eq(1)->text(),
        );
        self::assertSame(['Ada changed someone’s details', 'Bo made a change: Heather band'], $deeds);
        self::assertStringContainsString('2 times', $page->filter('main ol')->text());
        self::assertSame('/pieces/'.$piece->id(), $page->filter('main ol a')->attr('href'));
        $bo = (string) $page->filter('#of option:last-child')->attr('value');
        self::assertCount(1, $this->get('/workshop/record?of='.$bo)->filter('main ol li'));
        $this->browser->request('GET', '/workshop/record.csv');
        self::assertStringContainsString('Heather band', $this->browser->getInternalResponse()->getContent());
        $this->as('Bo');
        $this->get('/workshop/record');
        self::assertSame(403, $this->code());
    }

    public function testDeedsAreOneWithinAnHourAndForgottenInTime(): void
    {
        $this->begin();
        $container = self::getContainer();
        $clock = new MockClock('2026-12-01 08:00');
        $deeds = new Deeds($container->get(\Doctrine\ORM\EntityManagerInterface::class), $clock);
        $ada = $container->get(Workshop::class)->members()[0];
        foreach ([0, 3000, 3700, 8000] as $after) {
            $clock->modify('2026-12-01 08:00 +'.$after.' seconds');
            $deeds->note($ada, 'made', '/boards/1', 'Band');
        }
        self::assertSame([1, 3], array_map(static fn (StoredDeed $one): int => $one->times(), $deeds->page('', 1)));
        $clock->modify('+399 days');
        $deeds->forget();
        self::assertSame(2, $deeds->count(''));
        $clock->modify('+2 days');
        $deeds->forget();
        self::assertSame(0, $deeds->count(''));
    }

    private function chosen(Crawler $page, string $name): string
    {
        return (string) $page->filter('input[name='.$name.'][checked]')->attr('value');
    }
}
