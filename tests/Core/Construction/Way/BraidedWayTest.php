<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a braided chain is made.
 */
final class BraidedWayTest extends TestCase
{
    public function testThreadsAreBraidedThroughTheChainAndItsHairpinsComeOff(): void
    {
        $plan = Examples::planOf('braided-chain');

        self::assertSame(['begin-braiding'], Sheets::keys($plan, Part::Mount));
        self::assertSame(['braid-links', 'hairpins-off'], Sheets::keys($plan, Part::Body));
        $braid = Sheets::act($plan, 'braid-links');
        self::assertSame(['chain'], array_values(array_unique($braid->stint->things)));
        self::assertCount($plan->draft->setting->count(ElementKind::Link), $braid->stint->things);
        self::assertCount(12, $braid->grip->by, 'six threads, folded');
    }
}
