<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\Move;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a wave is made.
 */
final class WaveWayTest extends TestCase
{
    public function testBothArmsAreTiedOnHeadsAroundTheirBeads(): void
    {
        $plan = Examples::planOf('wave-band');
        $arms = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'wave-arm' === $act->said->key,
        ));
        [$left, $right] = $arms;

        self::assertSame([ActingEnd::Left, ActingEnd::Right], [$left->grip->acting, $right->grip->acting]);
        self::assertSame([1, 2], [$left->grip->lane, $right->grip->lane]);
        self::assertSame(['working.1.a'], Sheets::ends($left->grip->by));
        self::assertSame(['core.1.b'], Sheets::ends($right->grip->around));
        self::assertNull($left->stint->adds, 'the wave is as long as both');
        self::assertNotNull($right->stint->adds);
        self::assertSame([], $left->spot->makes);
        self::assertCount($left->stint->count, $left->stint->moves);
        $heads = array_filter($left->stint->moves, static fn (Move $move): bool => 'vertical lark' === $move->knot);
        self::assertCount(5, $heads, 'one before each step, one behind the last');
        self::assertCount(\count($left->stint->moves) - \count($heads), $left->stint->things);
        self::assertSame(['look-arms', 'look-seeds'], Sheets::looks($left));
        self::assertSame(['look-arms'], Sheets::looks($right), 'said once');
    }
}
