<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a wrap is made.
 */
final class WrapWayTest extends TestCase
{
    public function testEachEyeIsDrawnEvenBeforeItsKnotIsTight(): void
    {
        $plan = Examples::planOf('bundled-wrap');
        $body = Sheets::keys($plan, Part::Body);

        self::assertSame(['bead-long', 'bead-short', 'tie', 'compare-eye'], \array_slice($body, 0, 4));
        self::assertSame(['pin-wrap'], Sheets::keys($plan, Part::Mount));
        $tie = Sheets::act($plan, 'tie');
        self::assertSame(['cord.1.b'], Sheets::ends($tie->grip->by), 'the long end ties');
        self::assertSame(['cord.1.a'], Sheets::ends($tie->grip->around));
        self::assertSame(
            [1, 2],
            [Sheets::act($plan, 'bead-long')->grip->lane, Sheets::act($plan, 'bead-short')->grip->lane],
        );
    }

    public function testTheBodyBeginsAtTheLoopWhereTheButtonIsLast(): void
    {
        self::assertSame(
            ['button-knot start'],
            Sheets::marks(Sheets::act(Examples::planOf('bundled-wrap'), 'bead-long')->spot->marks),
        );
        self::assertSame(
            ['loop-end start 1'],
            Sheets::marks(Sheets::act(
                Examples::planOf('bundled-wrap', ['habits.button' => 'last']),
                'bead-long',
            )->spot->marks),
        );
    }
}
