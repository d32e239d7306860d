<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

final class TablePageTest extends WebCase
{
    public function testAnEmptyTableHasAWayOn(): void
    {
        $page = $this->browser->request('GET', '/');

        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Type a wrist above', self::text($page, '.empty'));
    }

    public function testAWristAloneMakesAPiece(): void
    {
        $page = $this->browser->request('GET', '/');
        $this->browser->submit($page->filter('.new-piece form')->form(['wrist' => '6 1/4', 'unit' => 'in']));
        self::assertResponseStatusCodeSame(303);
        $piece = $this->browser->followRedirect();

        self::assertSame('Flat band', $piece->filter('#name')->attr('value'));
        self::assertSame('6 1/4 in', $piece->filter('#wrist')->attr('value'));
        self::assertCount(3, $piece->filter('[data-cut]'));
    }

    public function testABadWristIsToldAndKept(): void
    {
        $page = $this->browser->request('POST', '/pieces', ['wrist' => '"><i>', 'name' => ['x'], 'unit' => 'cm']);

        self::assertResponseStatusCodeSame(422);
        self::assertSame('"><i>', $page->filter('#new-wrist')->attr('value'));
        self::assertStringContainsString('Could not read', self::text($page, '#new-wrist-fault'));
    }

    public function testListsEachPieceWithItsNextStep(): void
    {
        $this->lay(['name' => 'Fine']);
        $this->lay(['name' => 'Too short', 'slider.tail' => '12 mm']);
        $this->lay(['name' => 'Slips', 'slider.knots' => 2]);
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
