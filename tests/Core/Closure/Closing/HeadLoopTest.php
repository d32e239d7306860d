<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Loop;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * A loop of vertical lark's heads.
 */
final class HeadLoopTest extends TestCase
{
    public function testALoopOfHeadsIsTiedThenBentAndClosedByTheFirstKnot(): void
    {
        $plan = Examples::planOf('wave-band', ['closure' => ['kind' => 'button-loop', 'knotted' => true]]);

        self::assertSame(['loop-heads', 'loop-bent'], Sheets::keys($plan, Part::Loop));
        self::assertLessThan(Sheets::at($plan, 'tie-until'), Sheets::at($plan, 'loop-bent'), 'before the body');
        $heads = Sheets::act($plan, 'loop-heads');
        self::assertSame('vertical lark', $heads->stint->knot);
        self::assertSame(Sheets::said($heads, 'count'), $heads->stint->count);
        self::assertSame($heads->stint->count, $plan->draft->fastened->loops->loopHeads);
        self::assertSame(
            [Sheets::act($plan, 'loop-bent')->spot->marks[0]->id],
            Sheets::marks($heads->spot->makes),
            'bent at the end of the row',
        );
        self::assertSame(['look-button'], Sheets::looks(Sheets::act($plan, 'loop-bent')));
    }

    public function testBothWorkingEndsShareTheHeads(): void
    {
        $plan = Examples::planOf('wave-band', ['closure' => ['kind' => 'button-loop', 'knotted' => true]]);
        $heads = Sheets::act($plan, 'loop-heads');
        $knotted = array_values(array_filter(
            $heads->stint->takes,
            static fn (EndUse $spent): bool => \in_array($spent->end, $heads->grip->by, true),
        ));

        self::assertCount(2, $knotted);
        $more = $knotted[0]->total() / $knotted[1]->total();
        self::assertEqualsWithDelta(1.0, $more, 0.21, 'one head more at most');
        self::assertGreaterThanOrEqual(1.0, $more, 'the odd one is of the first');
    }
}
