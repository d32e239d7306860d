<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;

/**
 * A closure that is chosen brings what it is made of.
 */
final class ClosurePartsTest extends WebCase
{
    public function testWhatAClosureIsMadeOfComesOntoThePiece(): void
    {
        $piece = $this->lay();
        $this->edit($piece, ['closure.kind' => 'clasp']);
        self::assertResponseIsSuccessful();
        $document = $this->document($piece);
        self::assertSame(['kind' => 'clasp', 'findings' => ['clasp', 'ring']], $document['closure'] ?? null);
        self::assertSame(['clasp', 'ring'], array_keys((array) ($document['findings'] ?? [])));
        // What is there already is taken, and nothing is added twice.
        $this->edit($piece, ['findings.ring.length' => '6 mm']);
        $document = $this->document($piece);
        $this->edit($piece, ['closure.kind' => 'ties']);
        $page = $this->edit($piece, ['closure.kind' => 'clasp']);
        self::assertEquals($document['findings'] ?? null, $this->document($piece)['findings'] ?? null);
        self::assertCount(0, $page->filter('[data-check=finding-unplaced]'));
    }

    public function testWhatIsInStockComesFirst(): void
    {
        $box = self::getContainer()->get(StockBox::class);
        $box->keep(null, Kind::Finding, ['name' => 'Old horn', 'kind' => 'button', 'length' => '17 mm', 'stock' => 2]);
        $piece = $this->lay();
        $this->edit($piece, ['closure.kind' => 'button-loop']);
        $document = $this->document($piece);
        self::assertSame(['old-horn'], ((array) ($document['closure'] ?? []))['findings'] ?? null);
        self::assertStringContainsString('17 mm', (string) json_encode($document['findings'] ?? null));
    }

    /**
     * @return array<mixed> as it is kept
     */
    private function document(StoredPiece $piece): array
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        $manager->clear();

        return $manager->find(StoredPiece::class, $piece->id())?->document() ?? [];
    }

    public function testWhatLosesItsPlaceIsTold(): void
    {
        $piece = $this->lay();
        $this->edit($piece, ['closure.kind' => 'button-loop']);
        $this->edit($piece, ['closure.kind' => 'clasp']);
        self::assertSame(
            ['clasp', 'ring'],
            array_keys((array) ($this->document($piece)['findings'] ?? [])),
            'what only passed by is gone',
        );
        $this->edit($piece, ['closure.kind' => 'button-loop']);
        $this->edit($piece, ['findings.button.length' => '21 mm']);
        $this->edit($piece, ['closure.kind' => 'ties']);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertStringContainsString(
            'button has no place yet',
            $page->filter('[data-check=finding-unplaced]')->text(),
        );
    }
}
