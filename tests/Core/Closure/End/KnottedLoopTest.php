<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\End;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class KnottedLoopTest extends TestCase
{
    public function testAllCordsGoAroundItSoItsKnotIsLarger(): void
    {
        $plan = static fn (int $cores): Plan => Examples::plan([
            'cords.core.count' => $cores, 'closure.kind' => 'two-ends', 'closure.start' => 'knotted-loop',
            'closure.finish' => 'ties',
        ]);

        self::assertGreaterThan(
            $plan(1)->draft->fastened->span->narrow->millimetres,
            $plan(4)->draft->fastened->span->narrow->millimetres,
        );
        self::assertSame(
            ['core.1.a', 'core.2.a'],
            Sheets::ends(Sheets::act($plan(2), 'loop-all')->grip->by),
        );
    }
}
