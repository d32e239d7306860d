<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

final class SupplyTest extends TestCase
{
    public function testAllOfAnOffcutIsThere(): void
    {
        $offcut = Supply::offcut('x', Length::ofMillimetres(340));

        self::assertSame(340.0, $offcut->sure(Length::ofMillimetres(340))->millimetres);
        self::assertFalse($offcut->isSpool);
    }

    /**
     * Of a spool of about so much a twentieth is not counted on, 100 mm at least.
     */
    public function testASpoolKeepsAReserve(): void
    {
        $sure = static fn (float $about, float $left): float => Supply::spool('x', Length::ofMillimetres($about))
            ->sure(Length::ofMillimetres($left))->millimetres;

        self::assertSame(9500.0, $sure(10_000, 10_000));
        self::assertSame(3500.0, $sure(10_000, 4000), 'of all that it had, not of what is left');
        self::assertSame(900.0, $sure(1000, 1000));
        self::assertSame(0.0, $sure(1000, 60));
        self::assertSame(700.0, Supply::spool('x', null)->sure(Length::ofMillimetres(700))->millimetres, 'enough');
    }

    public function testANewSpoolGivesWhatIsWanted(): void
    {
        foreach ([500.0, 1900.0, 2000.0, 25_000.0] as $wanted) {
            $spool = Supply::giving(Length::ofMillimetres($wanted));
            self::assertEqualsWithDelta($wanted, Supply::spool('x', $spool)->sure($spool)->millimetres, 1e-6);
        }
        self::assertTrue(Supply::giving(Length::zero())->isZero());
    }
}
