<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Table;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Table\Shelf;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class LibraryControllerTest extends WebCase
{
    public function testEachDesignSaysWhatItTeachesAndNeeds(): void
    {
        $page = $this->browser->request('GET', '/library');
        self::assertResponseIsSuccessful();
        $names = self::getContainer()->get(Shelf::class)->names();
        self::assertEqualsCanonicalizing($names, $page->filter('[data-design]')->each(
            static fn (Crawler $one): string => (string) $one->attr('data-design'),
        ));
        $slugs = array_map(
            static fn (string $id): string => '/knots/'.str_replace(' ', '-', $id),
            Lessons::all()->ids(),
        );
        $page->filter('[data-design]')->each(static function (Crawler $one) use ($slugs): void {
            self::assertGreaterThan(0, $one->filter('a[href^="/knots/"]')->count());
            $one->filter('a[href^="/knots/"]')->each(static function (Crawler $link) use ($slugs): void {
                self::assertContains((string) $link->attr('href'), $slugs);
            });
            self::assertMatchesRegularExpression('/(Easy|Some practice|Demanding), about \d+ minutes/', $one->text());
        });
        $levels = $page->filter('[data-design]')->each(
            static fn (Crawler $one): int => (int) strpos('ESD', substr($one->filter('h2 + p')->text(), 0, 1)),
        );
        $sorted = $levels;
        sort($sorted);
        self::assertSame($sorted, $levels, 'easiest first');

        $few = $this->browser->request('GET', '/library', ['teaches' => 'square'])->filter('[data-design]');
        self::assertGreaterThan(0, $few->count());
        self::assertLessThan(\count($names), $few->count());
        $few->each(static function (Crawler $one): void {
            self::assertCount(1, $one->filter('a[href="/knots/square"]'));
        });
    }

    public function testOnePressMakesItInTheSizeThatWasTyped(): void
    {
        $page = $this->browser->request('GET', '/library', ['girth' => '17.5 cm']);
        $this->browser->submit($page->filter('[data-design=harbour-rail] form')->form());
        self::assertResponseRedirects();
        preg_match('~/pieces/(\d+)~', (string) $this->browser->getResponse()->headers->get('Location'), $id);
        $document = self::getContainer()->get(Pieces::class)->find((int) ($id[1] ?? 0))?->document();
        self::assertSame('175 mm', \is_array($document['wearer'] ?? null) ? $document['wearer']['girth'] : '');

        $page = $this->browser->request('GET', '/library', ['girth' => 'thick']);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('thick', $page->filter('#l-girth')->attr('value'));
        self::assertNotSame('', $page->filter('#library .fault')->text());
    }
}
