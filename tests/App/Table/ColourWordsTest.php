<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use Rinkel\App\Table\ColourWords;
use Rinkel\Core\Material\Hue;
use Rinkel\Tests\App\WebCase;

final class ColourWordsTest extends WebCase
{
    private const BEAD = ['diameter' => '6 mm', 'hole' => '3 mm'];

    public function testAWordForAColourFindsThatOfPieces(): void
    {
        $this->lay(['beads' => [
            'a' => self::BEAD + ['colour' => '#1d4f91'], 'b' => self::BEAD + ['colour' => '#b3261e'],
        ]]);
        $words = self::getContainer()->get(ColourWords::class);

        self::assertContains('#1d4f91', $words->hexes('blue'));
        self::assertNotContains('#b3261e', $words->hexes('blue'));
        self::assertContains('#b3261e', $words->hexes('Red'));
        self::assertSame([], $words->hexes('quay'), 'no colour');
        self::assertSame([], $words->hexes('%'), 'every name has something in it, and none this sign');
    }

    /**
     * What the maker calls "lagoon" in the box is found by that word, and what looks alike; nothing else that is blue.
     */
    public function testANameFromTheBoxFindsWhatLooksLikeIt(): void
    {
        $this->lay(['beads' => [
            'a' => self::BEAD + ['colour' => '#1d4f91'], 'b' => self::BEAD + ['colour' => '#1e5090'],
            'c' => self::BEAD + ['colour' => '#9cc4f0'],
        ]]);
        $this->browser->request('POST', '/stock', ['of' => 'bead', 'c' => [
            'kind' => 'bead', 'name' => 'Lagoon', 'shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm',
            'colour' => '#1d4f91', 'material' => 'glass', 'count' => '10',
        ]]);
        $words = self::getContainer()->get(ColourWords::class);
        $found = $words->hexes('lagoon');
        sort($found);

        self::assertSame(['#1d4f91', '#1e5090'], $found);
    }

    public function testAHueHasItsNameInEnglishAndAsThePageSays(): void
    {
        $words = self::getContainer()->get(ColourWords::class);

        self::assertSame(Hue::from('blue'), $words->hue('BLUE'));
        self::assertNull($words->hue('bluish'));
    }
}
