<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Rinkel\Core\Construction\Constructions;

final class TablePageTest extends WebCase
{
    public function testAnEmptyTableHasAWayOn(): void
    {
        $page = $this->browser->request('GET', '/');

        self::assertResponseIsSuccessful();
        self::assertStringContainsString('a wrist is all it needs', self::text($page, '.empty'));
        $this->browser->click($page->selectLink('New piece')->link());
        self::assertResponseIsSuccessful();
    }

    public function testAWristAloneMakesAPieceOfEveryConstruction(): void
    {
        $ids = (new Constructions())->ids();
        $page = $this->browser->request('GET', '/new');
        self::assertSame($ids, $page->filter('.making')->extract(['value']));
        foreach ($ids as $id) {
            $this->browser->request('POST', '/pieces', ['girth' => '6 1/4', 'unit' => 'in', 'construction' => $id]);
            self::assertResponseStatusCodeSame(303);
            $piece = $this->browser->followRedirect();
            self::assertSame('netted-pouch' === $id ? '12 1/2 in' : '6 1/4 in', $piece->filter('#wearer-girth')->attr('value'), $id.': a neck is twice the wrist');
            self::assertNotSame('', $piece->filter('#pattern')->text());
            self::assertGreaterThan(0, $piece->filter('[data-cut]')->count());
            self::assertGreaterThan(0, $piece->filter('#board svg')->count());
        }
    }

    public function testSomebodyMeasuredBeforeIsEnough(): void
    {
        $this->browser->request('POST', '/people', ['name' => 'Ottoline', 'wrist' => '15.8', 'hand' => '19.6', 'unit' => 'cm']);
        $page = $this->browser->request('GET', '/new');
        $id = $page->filter('#new-person option')->last()->attr('value');
        $this->browser->request('POST', '/pieces', ['girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'stretch']);
        $piece = $this->browser->followRedirect();

        self::assertSame(['15.8 cm', '19.6 cm'], [$piece->filter('#wearer-girth')->attr('value'), $piece->filter('#wearer-hand')->attr('value')]);
    }

    public function testANecklaceTakesTheNeckThatWasMeasuredElseTwiceTheWrist(): void
    {
        $sizes = function (string $name, array $measures): array {
            $this->browser->request('POST', '/people', ['name' => $name, 'unit' => 'cm'] + $measures);
            $id = $this->browser->request('GET', '/new')->filter('#new-person option')->last()->attr('value');
            $this->browser->request('POST', '/pieces', ['girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'netted-pouch']);
            $piece = $this->browser->followRedirect();

            return [$piece->filter('#wearer-girth')->attr('value'), $piece->filter('#wearer-hand')->attr('value'), $piece->filter('#length')->attr('value')];
        };

        self::assertSame(['32.4 cm', '', '60 cm'], $sizes('Ada', ['wrist' => '16.2', 'hand' => '20']), 'the hand is no head');
        self::assertSame(['34 cm', '56.5 cm', '60 cm'], $sizes('Bea', ['neck' => '34', 'head' => '56.5']), 'the wrist is not asked for');
    }

    public function testABadWristIsToldAndKept(): void
    {
        $page = $this->browser->request('POST', '/pieces', ['girth' => '"><i>', 'construction' => 'stretch', 'unit' => 'cm']);

        self::assertResponseStatusCodeSame(422);
        self::assertSame('"><i>', $page->filter('#new-girth')->attr('value'));
        self::assertStringContainsString('Could not read', self::text($page, '#new-girth-fault'));
        $this->browser->request('POST', '/pieces', ['girth' => '16', 'construction' => 'origami', 'unit' => 'cm']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/pieces', ['girth' => ['16'], 'construction' => ['stretch']]);
        self::assertResponseStatusCodeSame(422);
    }

    public function testListsEachPieceWithItsNextStep(): void
    {
        $this->lay(['name' => 'Fine']);
        $this->lay(['name' => 'Too short', 'closure.tail' => '12 mm']);
        $this->lay(['name' => 'Slips', 'closure.knots' => 2]);
        $page = $this->browser->request('GET', '/');

        self::assertSame(['Slips', 'Too short', 'Fine'], $page->filter('.piece-name')->extract(['_text']));
        self::assertSame(
            ['Look at one warning', 'Needs a decision', 'Ready to cut'],
            $page->filter('.next')->extract(['_text']),
        );
        self::assertCount(3, $page->filter('.small-drawing'));
    }

    public function testArchivedPiecesAreFoundAgain(): void
    {
        $piece = $this->lay(['name' => 'Old']);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/archive');
        $page = $this->browser->request('GET', '/?archive=1');

        self::assertSame('Old', self::text($page, '.piece-name'));
        $this->browser->submit($page->filter('.piece-row form')->form());
        self::assertSame('Old', self::text($this->browser->followRedirect(), '.piece-name'));
    }
}
