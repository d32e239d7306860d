<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use Doctrine\DBAL\Connection;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

/**
 * Where Rinkel plans a piece otherwise than its maker saw it last, it says so once, and the old cut stays readable.
 */
final class SeenPlansTest extends WebCase
{
    public function testWhatAnotherRinkelPlannedIsToldUntilItWasSeen(): void
    {
        $piece = $this->lay();
        $path = '/pieces/'.$piece->id();
        self::assertCount(0, $this->get($path)->filter('#since'), 'seen for the first time');
        self::assertCount(0, $this->get($path)->filter('#since'));
        $this->pretend('figures.cuts.working.1', '3210 mm');
        $this->pretend('figures.body', '140 mm');

        $told = $this->get($path)->filter('#since');
        self::assertStringContainsString('321 cm', $told->text());
        self::assertStringContainsString('14 cm before', $told->text());
        self::assertStringNotContainsString(
            'Core',
            $told->filter('li')->last()->text(),
            'what did not change is not told',
        );
        self::assertCount(1, $this->get($path)->filter('#since'), 'it stays until it was seen');
        self::assertStringContainsString(
            '321 cm',
            $this->edit($piece, ['wearer.girth' => '17 cm'])->filter('#since')->text(),
            'over an edit, too',
        );
        $this->browser->submit($this->get($path)->filter('#seen')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#since'));
        self::assertCount(0, $this->get($path)->filter('#since'));
    }

    /**
     * What a maker changed herself, in the piece or by a sample, she knows.
     */
    public function testWhatItsMakerChangedIsNotTold(): void
    {
        $piece = $this->lay();
        $path = '/pieces/'.$piece->id();
        $this->get($path);
        self::assertCount(0, $this->edit($piece, ['wearer.girth' => '18 cm'])->filter('#since'));
        $this->browser->request('POST', '/samples', ['s' => [
            'knot' => 'square', 'count' => '20', 'length' => '70 mm', 'before' => '80', 'after' => '46',
        ]]);
        self::assertResponseStatusCodeSame(303);
        self::assertCount(0, $this->get($path)->filter('#since'));
    }

    public function testWhatWasSeenAndCannotBeReadIsForgotten(): void
    {
        $piece = $this->lay();
        foreach ([
            '{"of":1}', '{"of":"x","figures":{"body":"far"}}', 'no json', '[]',
            '{"of":"x","figures":{"body":"1 mm","cuts":{"core":7}}}',
        ] as $kept) {
            self::getContainer()->get(Connection::class)->executeStatement('UPDATE piece SET seen = ?', [$kept]);
            self::assertCount(0, $this->get('/pieces/'.$piece->id())->filter('#since'), $kept);
        }
    }

    private function get(string $path): Crawler
    {
        $page = $this->browser->request('GET', $path);
        self::assertResponseIsSuccessful();

        return $page;
    }

    /**
     * @param string $path to what another Rinkel saw, as in "figures.body"
     */
    private function pretend(string $path, string $value): void
    {
        $connection = self::getContainer()->get(Connection::class);
        $seen = $connection->fetchOne('SELECT seen FROM piece');
        self::assertIsString($seen);
        $document = json_decode($seen, true, flags: \JSON_THROW_ON_ERROR);
        $at = &$document;
        foreach (explode('.', $path) as $step) {
            self::assertIsArray($at);
            $at = &$at[$step];
        }
        $at = $value;
        $connection->executeStatement('UPDATE piece SET seen = ?', [json_encode($document, \JSON_THROW_ON_ERROR)]);
    }
}
