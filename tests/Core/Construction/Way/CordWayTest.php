<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a single cord is made.
 */
final class CordWayTest extends TestCase
{
    public function testSpacedKnotsAreMeasuredOneByOneAndItIsTurnedRoundAtLast(): void
    {
        $plan = Examples::planOf('spaced-knots');
        $body = Sheets::keys($plan, Part::Body);

        self::assertSame(['tie', 'leave', 'tie'], \array_slice($body, 0, 3));
        self::assertSame('turn-round', end($body), 'the other end closes it');
        self::assertSame(['pin-cord'], Sheets::keys($plan, Part::Mount));
        $leave = Sheets::act($plan, 'leave');
        self::assertSame(['last-knot'], Sheets::marks($leave->spot->marks));
        self::assertTrue(($leave->stint->adds ?? Length::zero())->isLongerThan(Length::zero()));
    }

    public function testBeadsAreHeldByAKnotThatIsOpenedAgain(): void
    {
        $plan = Examples::planOf('strung-beads');

        self::assertSame(['hold-beads'], Sheets::keys($plan, Part::Mount));
        self::assertLessThan(Sheets::at($plan, 'untie'), Sheets::at($plan, 'bead-core'));
        self::assertSame(Sheets::at($plan, 'untie') + 1, Sheets::at($plan, 'turn-round'));
        self::assertSame(['beads 1', 'beads 2'], Sheets::marks(Sheets::act($plan, 'level')->spot->makes));
    }

    public function testABeadWithATightHoleWantsAStiffTip(): void
    {
        self::assertContains('tip-glue', Sheets::keys(Examples::planOf('strung-beads'), Part::Cords));
    }
}
