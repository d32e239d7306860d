<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Tests\App\crawl;
use Rinkel\Tests\App\Crawler;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;

/**
 * From every construction some walks by chance; tests/App/crawl.php takes as many as one likes.
 */
final class CrawlTest extends WebCase
{
    #[DataProvider('provideWalks')]
    public function testNoWalkBreaksThePieceAndEveryWayLeadsBack(string $construction, int $seed): void
    {
        self::assertNull(
            (new Crawler($this->browser, new Chance($seed)))->walk($construction, 3),
            $construction.' by seed '.$seed,
        );
    }

    /**
     * @return iterable<string, array{string, int}>
     */
    public static function provideWalks(): iterable
    {
        foreach (Constructions::all()->ids() as $construction) {
            foreach ([3] as $seed) {
                yield $construction.' '.$seed => [$construction, $seed];
            }
        }
    }
}
