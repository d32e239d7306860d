<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a laced chain is made.
 */
final class LacedWayTest extends TestCase
{
    public function testItIsLacedFromTheMiddleLinkOutwards(): void
    {
        $plan = Examples::planOf('laced-chain');

        self::assertSame(['chain-length', 'middle-link'], Sheets::keys($plan, Part::Mount));
        self::assertSame(
            ['begin-lacing', 'lace-links', 'half-done', 'lace-links', 'compare-halves'],
            Sheets::keys($plan, Part::Body),
        );
        $links = $plan->draft->setting->count(ElementKind::Link);
        $begin = Sheets::act($plan, 'begin-lacing');
        self::assertSame(intdiv($links, 2) + 1, Sheets::said($begin, 'middle'));
        self::assertSame(['chain'], $begin->stint->things);
        $sides = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'lace-links' === $act->said->key,
        ));
        self::assertSame([intdiv($links, 2), intdiv($links, 2)], array_map(
            static fn (Act $act): int => $act->stint->count,
            $sides,
        ));
        self::assertSame(['lace.1.a', 'lace.1.b'], array_map(
            static fn (Act $act): string => $act->grip->by[0]->id,
            $sides,
        ));
        self::assertSame([1, 2], [$sides[0]->grip->half, $sides[1]->grip->half]);
    }

    public function testTheLinkInTheMiddleIsSharedByBothEnds(): void
    {
        $begin = Sheets::act(Examples::planOf('laced-chain'), 'begin-lacing');

        self::assertCount(2, $begin->stint->takes);
        self::assertEqualsWithDelta($begin->stint->takes[0]->total(), $begin->stint->takes[1]->total(), 1e-9);
    }
}
