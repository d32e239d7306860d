<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotName;
use Rinkel\Core\Tight\KnotPuller;
use Rinkel\Core\Tight\TightKnots;
use Rinkel\Tests\Core\FigureEight;

/**
 * The table of polynomials beside the knots that Rinkel draws itself.
 */
final class KnotNameTest extends TestCase
{
    #[TestWith(['overhand', 1, KnotName::Overhand])]
    #[TestWith(['barrel', 1, KnotName::Overhand])]
    #[TestWith(['double overhand', 2, KnotName::DoubleOverhand])]
    #[TestWith(['barrel', 3, KnotName::TripleOverhand])]
    public function testAKnotIsWhatItsLessonCallsIt(string $id, int $count, KnotName $name): void
    {
        $knot = TightKnots::named($id, $count) ?? self::fail();

        self::assertSame($name, KnotName::of($knot->laid(Inside::of(1))));
    }

    #[TestWith([FigureEight::WAY, '', KnotName::FigureEight])]
    #[TestWith([FigureEight::WAY, FigureEight::LOOSE, KnotName::Nothing])]
    #[TestWith([FigureEight::WAY, 'under under over over', KnotName::Nothing])]
    #[TestWith(['k1 k5 o9 k13 g11 g7 k5 o3 q8 k9 f14 k18', '', KnotName::Overhand])]
    #[TestWith(['k1 k5 o9 k13 g11 g7 k5 o3 q8 k9 f14 k18', 'over over over', KnotName::Nothing])]
    public function testWhatIsDrawnIsKnownForWhatItIs(string $way, string $crossings, KnotName $name): void
    {
        $drawn = DrawnWay::read($way, $crossings);

        self::assertSame($name, KnotPuller::name($drawn));
        self::assertSame($name, KnotPuller::name($drawn->mirrored()), 'its mirror image too');
    }
}
