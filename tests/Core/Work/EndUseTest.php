<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Work\EndUse;
use Rinkel\Tests\Core\Examples;

final class EndUseTest extends TestCase
{
    public function testAShareOfItIsEntered(): void
    {
        $end = Examples::plan()->sheet->cords[0]->a;
        $ledger = new Ledger();
        $spent = EndUse::straight($end, 80.0);
        $spent->times(0.25)->enter($ledger);

        self::assertSame([80.0, 20.0], [$spent->total(), $spent->times(0.25)->total()]);
        self::assertEqualsWithDelta(20.0, $ledger->expected(), 1e-9);
        self::assertEqualsWithDelta(0.0, $ledger->knotted(), 1e-9, 'straight cord is sure');
    }
}
