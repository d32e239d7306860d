<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a band is made.
 */
final class BandWayTest extends TestCase
{
    public function testCoresArePinnedAtTheMarkAndTheWorkingCordLaidUnder(): void
    {
        $plan = Examples::plan();

        self::assertSame(['pin-core', 'under'], Sheets::keys($plan, Part::Mount));
        self::assertSame(['mark'], Sheets::marks(Sheets::act($plan, 'pin-core')->spot->marks));
        $under = Sheets::act($plan, 'under');
        self::assertSame(['working.1.a', 'working.1.b'], Sheets::ends($under->grip->by));
        self::assertSame(['core.1.b', 'core.2.b'], Sheets::ends($under->grip->around));
    }

    public function testOneRunOfKnotsIsOneActToTheTape(): void
    {
        $plan = Examples::plan();
        $tie = Sheets::act($plan, 'tie-until');

        self::assertSame(2 * $plan->draft->setting->counts[0], $tie->stint->count, 'two halves a knot');
        self::assertEqualsWithDelta($plan->draft->body()->millimetres, $tie->spot->due->millimetres ?? 0.0, 1e-9);
        self::assertEqualsWithDelta($plan->draft->body()->millimetres, $tie->spot->sizes['body']->millimetres, 1e-9);
        self::assertSame(['look-bumps'], Sheets::looks($tie));
        self::assertSame('look-more', Sheets::looks(Sheets::act($plan, 'try-on'))[0]);
    }

    public function testAMirroredPieceIsWorkedInOneGoWhereNothingHangsInItsMiddle(): void
    {
        $plan = Examples::plan([
            'beads.dot' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => '3 mm'],
            'pattern' => '1 square x fit, 1 bead dot, mirror',
        ]);

        self::assertFalse($plan->draft->isHalved());
        self::assertSame(['string-all', 'tie-until', 'push', 'tie-until'], Sheets::keys($plan, Part::Body));
        self::assertSame(['dot', 'dot'], Sheets::act($plan, 'string-all')->stint->things, 'one on either side');
        self::assertSame([], Sheets::act($plan, 'push')->stint->things, 'it is on the core by now');
    }

    public function testCoresHangOnAFindingInTheMiddle(): void
    {
        $plan = Examples::plan([
            'findings.fish' => ['kind' => 'connector', 'length' => '20 mm'],
            'pattern' => '1 square x fit, focal fish, mirror',
        ]);
        $hang = Sheets::act($plan, 'hang-core');

        self::assertSame(['fish'], $hang->stint->things);
        self::assertSame([1, 2], array_values(array_unique(array_map(
            static fn (Act $act): int => $act->grip->half,
            array_filter($plan->acts()->all, static fn (Act $act): bool => ActKind::Hang === $act->does),
        ))));
        self::assertSame([], Sheets::act($plan, 'hang-other')->stint->things, 'it is counted once');
        self::assertLessThan(Sheets::at($plan, 'under-hung'), Sheets::at($plan, 'pin-hung'));
    }

    public function testJoinedCordsAreBoundWhereTheirMakerBindsThem(): void
    {
        self::assertNotSame(
            Sheets::keys(Examples::plan(), Part::Mount),
            Sheets::keys(Examples::plan(['habits.joining' => 'bound']), Part::Mount),
        );
    }
}
