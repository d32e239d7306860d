<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Loop;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * A loop of bare cord.
 */
final class LoopTest extends TestCase
{
    public function testFirstTheKnotAtTheBodyThenTheOneThatClosesIt(): void
    {
        $plan = Examples::plan(['closure.kind' => 'button-loop']);

        self::assertSame(['loop-first', 'loop-next'], Sheets::keys($plan, Part::Loop));
        $loop = Sheets::act($plan, 'loop-next');
        self::assertSame(
            Sheets::marks(Sheets::act($plan, 'loop-first')->spot->makes),
            Sheets::marks($loop->spot->marks),
        );
        self::assertEqualsWithDelta(
            $plan->draft->fastened->loops->startLoop->millimetres
                ?? $plan->draft->fastened->loops->finishLoop->millimetres ?? 0.0,
            $loop->spot->sizes['size']->millimetres,
            1e-9,
        );
        self::assertSame(['look-button'], Sheets::looks($loop));
    }

    public function testASingleCordIsLaidBack(): void
    {
        $plan = Examples::planOf('spaced-knots', ['closure.kind' => 'button-loop']);

        self::assertSame(['loop-back'], Sheets::keys($plan, Part::Loop));
        self::assertSame(1, Sheets::said(Sheets::act($plan, 'loop-back'), 'count'));
    }

    public function testFoldedCoresBeginWithTheirLoop(): void
    {
        $plan = Examples::planOf('wave-band', ['closure' => ['kind' => 'button-loop', 'knotted' => false]]);

        self::assertSame(['loop-folded'], Sheets::keys($plan, Part::Loop));
        self::assertLessThan(Sheets::at($plan, 'wave-arm'), Sheets::at($plan, 'loop-folded'));
    }

    public function testEachFurtherSizeIsOneMoreLoop(): void
    {
        $plan = Examples::plan(['closure' => ['kind' => 'button-loop', 'loops' => 3]]);

        self::assertSame(['loop-first', 'loop-next', 'loop-next', 'loop-next'], Sheets::keys($plan, Part::Loop));
        self::assertCount(3, $plan->draft->fastened->span->sizes);
    }
}
