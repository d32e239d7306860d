<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Tests\App\crawl;
use Rinkel\Tests\App\Crawler;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Whole;

/**
 * From every construction some walks by chance; tests/App/crawl.php takes as many as one likes.
 */
final class CrawlTest extends WebCase
{
    #[DataProvider('provideWalks')]
    #[Group('whole')]
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
        foreach (Whole::of(Constructions::all()->ids(), 4) as $construction) {
            foreach ([3] as $seed) {
                yield $construction.' '.$seed => [$construction, $seed];
            }
        }
    }
}
