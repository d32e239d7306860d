<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\End;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\End\FindingEnd;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

final class FindingEndTest extends TestCase
{
    public function testItIsAsLongAsWhatHangsThereAndTheKnotThatHoldsIt(): void
    {
        $clasp = Finding::usual(FindingKind::Clasp);
        $ring = Finding::usual(FindingKind::Ring);
        $knot = Length::ofMillimetres(2);

        self::assertEqualsWithDelta(
            19.0,
            (new FindingEnd([['a', $clasp], ['b', $ring]], $knot))->reach()->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(
            9.0,
            (new FindingEnd([['a', Finding::usual(FindingKind::CordEnd)]], $knot))->reach()->millimetres,
            1e-9,
            'what is crimped on needs none',
        );
    }

    public function testWithNothingSaidItIsAClaspAndAButtonGoesElsewhere(): void
    {
        $end = new FindingEnd([['shell', Finding::usual(FindingKind::Button)]], Length::zero());

        self::assertSame(['clasp'], array_column($end->findings(), 0));
        self::assertSame(1, $end->step()->values['count'] ?? null);
        self::assertSame([], $end->checks());
        self::assertNull($end->flat());
        self::assertTrue($end->further()->isZero());
    }
}
