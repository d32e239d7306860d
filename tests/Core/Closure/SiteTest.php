<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Footing;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class SiteTest extends TestCase
{
    public function testAWishedFindingComesBeforeOthersOfItsKindAndAUsualOneStandsIn(): void
    {
        $site = self::site(
            ['small' => FindingKind::Clasp, 'large' => FindingKind::Clasp],
            new ClosureWish(new SquareSliding(), ['large']),
        );

        self::assertSame('large', $site->finding(FindingKind::Clasp)[0]);
        self::assertSame('slide bead', $site->finding(FindingKind::SlideBead)[0], 'called by its kind');
        self::assertSame(['large'], array_column($site->wished(FindingKind::Clasp), 0));
        self::assertSame([], $site->wished(FindingKind::Ring));
        self::assertSame(['large'], array_column($site->findings(), 0));
    }

    public function testOfThoseNotWishedTheFirstIsTaken(): void
    {
        $site = self::site(
            ['small' => FindingKind::Clasp, 'large' => FindingKind::Clasp],
            new ClosureWish(new SquareSliding()),
        );

        self::assertSame(['small'], array_column($site->wished(FindingKind::Clasp), 0));
        self::assertSame([], $site->findings());
        self::assertNull($site->widest(), 'there are no beads');
        self::assertSame([], $site->tipped());
        self::assertFalse($site->takesAll());
    }

    /**
     * @param array<string, FindingKind> $findings
     */
    private static function site(array $findings, ClosureWish $wish): Site
    {
        $piece = Examples::plan()->draft->piece;

        return new Site(
            $wish,
            $piece->cord('core'),
            $piece->cord('working')->cord,
            new KnotBook(null),
            array_map(Finding::usual(...), $findings),
            new Footing(tailEnd: Length::ofMillimetres(10)),
        );
    }
}
