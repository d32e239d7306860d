<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Cutting\Margin;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Hand;
use Rinkel\Tests\Core\Examples;

final class MarginTest extends TestCase
{
    public function testItIsOfWhatKnotsTake(): void
    {
        $ledger = new Ledger();
        $ledger->exact(100.0);
        $margin = Margin::of(20.0, [$ledger], Risk::oneIn(50), Hand::from([]), null);

        self::assertSame([0, 50], [$margin->percent, $margin->oneIn], 'straight cord takes what it takes');
        $cut = Examples::plan()->cut('working') ?? self::fail();
        self::assertGreaterThan(0, $cut->margin->percent);
        self::assertEqualsWithDelta(
            array_sum(array_map(
                static fn (Ledger $end): float => $cut->margin->needed($end, Risk::oneIn(50)),
                $cut->ends,
            )),
            $cut->needed()->millimetres,
            1e-6,
        );
    }
}
