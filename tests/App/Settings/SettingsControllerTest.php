<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Settings;

use Rinkel\App\Backup\Archive;
use Rinkel\App\Backup\ArchiveReader;
use Rinkel\App\Backup\Standing;
use Rinkel\App\Settings\Preferences;
use Rinkel\Tests\App\WebCase;

final class SettingsControllerTest extends WebCase
{
    public function testNewPiecesBeginAsTheirMakerWorks(): void
    {
        $page = $this->keep(['unit' => 'in', 'tension' => 'firm', 'risk' => '20', 'gauge' => '1 1/8 in']);
        self::assertStringContainsString('New pieces begin with it', $page->filter('[role=status]')->text());
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

    public function testAPieceSaysWhereItDiffers(): void
    {
        $this->keep(['tension' => 'firm', 'risk' => '20']);
        $piece = $this->lay();
        $usual = fn (): array => $this->browser->request(
            'GET',
            '/pieces/'.$piece->id(),
        )->filter('[aria-labelledby=hand] > .hint')->extract(['_text']);
        self::assertSame([], $usual(), 'what is left open differs from nothing');
        $this->edit($piece, ['tension' => 'loose', 'risk' => '20']);
        self::assertSame(['You usually have: firm.'], $usual());
        $this->edit($piece, ['tension' => 'firm', 'risk' => '10']);
        self::assertSame(['You usually have: 20.'], $usual());
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
        self::assertSame(['unit' => '', 'tension' => 'even', 'risk' => '', 'gauge' => ''], $preferences->all());

        $this->browser->request('POST', '/settings', ['unit' => ['x'], 'risk' => "\xff"]);
        self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        $this->keep([]);
        self::assertSame('', implode('', $preferences->all()), 'nothing said is nothing set');
    }

    public function testSettingsGoWithTheArchive(): void
    {
        $this->keep(['tension' => 'loose', 'gauge' => '26 mm']);
        [$archive, $reader] = [
            self::getContainer()->get(Archive::class),
            self::getContainer()->get(ArchiveReader::class),
        ];
        self::assertInstanceOf(Archive::class, $archive);
        self::assertInstanceOf(ArchiveReader::class, $reader);
        $file = $archive->write('day');
        self::assertSame([Standing::Same], array_column($reader->entries($file), 'standing'));
        $this->keep(['tension' => 'firm']);
        $reader = self::getContainer()->get(ArchiveReader::class);
        self::assertInstanceOf(ArchiveReader::class, $reader);
        $entries = $reader->entries($file);
        self::assertSame([Standing::Changed], array_column($entries, 'standing'));
        self::assertSame(1, $reader->take($entries));
        $preferences = self::getContainer()->get(Preferences::class);
        self::assertInstanceOf(Preferences::class, $preferences);
        self::assertSame(['loose', '26 mm'], [$preferences->all()['tension'], $preferences->all()['gauge']]);
        unlink($file);
    }

    /**
     * @param array<string, string> $texts
     */
    private function keep(array $texts): \Symfony\Component\DomCrawler\Crawler
    {
        $this->browser->request('POST', '/settings', $texts);
        self::assertResponseStatusCodeSame(303);

        return $this->browser->followRedirect();
    }
}
