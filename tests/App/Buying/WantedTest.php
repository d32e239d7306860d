<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Buying;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Buying\Missing;
use Rinkel\App\Buying\Wanted;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

final class WantedTest extends TestCase
{
    /**
     * A chain of n links that hang in each other is n times the inside of one, and one wire on either side longer.
     */
    public function testAChainIsToldByItsLength(): void
    {
        $link = Finding::of(
            FindingKind::Link,
            Length::ofMillimetres(9),
            Length::ofMillimetres(7),
            Length::ofMillimetres(6),
        );
        $wanted = new Wanted($link, ['chain'], new Missing(10, [], null), null, null);

        self::assertEqualsWithDelta(63.0, $wanted->chain()->millimetres ?? 0.0, 1e-9);
        self::assertSame(10, $wanted->bought());
        self::assertSame('', $wanted->supplier());
    }

    public function testWhatIsNoChainHasNone(): void
    {
        self::assertNull(
            (new Wanted(Finding::usual(FindingKind::Clasp), [], new Missing(2, [], null), null, null))->chain(),
        );
    }
}
