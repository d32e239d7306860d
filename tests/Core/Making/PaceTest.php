<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Stint;

final class PaceTest extends TestCase
{
    public function testAKnotTakesItsMakersOwnTimeOrTheUsualOne(): void
    {
        $tie = self::act(ActKind::Tie, [Move::knot('square')], 20);

        self::assertSame('knot square', Pace::kind($tie, 3));
        self::assertSame(20 * 10.0, (new Pace())->seconds($tie), 'ten seconds a square knot');
        self::assertSame(20 * 7.5, (new Pace(['knot square' => 7.5]))->seconds($tie));
        self::assertSame(3 * 15.0, (new Pace())->seconds(self::act(ActKind::Tie, [Move::knot('unheard of')], 3)));
    }

    public function testHalfAKnotTakesHalfTheTime(): void
    {
        $halves = self::act(ActKind::Tie, [Move::knot('square', share: 0.5)], 40);

        self::assertSame(40 * 5.0, (new Pace())->seconds($halves));
    }

    public function testAnythingElseTakesTheTimeOfWhatIsDone(): void
    {
        $pin = self::act(ActKind::Pin, [], 1);

        self::assertSame(ActKind::Pin->value, Pace::kind($pin, 0));
        self::assertSame((float) ActKind::Pin->usualSeconds(), (new Pace())->seconds($pin));
    }

    public function testHerOwnGlueDriesInItsOwnTime(): void
    {
        $wait = self::act(ActKind::Wait, [], 1, Cure::End);

        self::assertSame(Cure::End->minutes(), (new Pace())->waits($wait));
        self::assertSame(7, (new Pace([], [Cure::End->strain()->value => 7]))->waits($wait));
        self::assertSame(0, (new Pace())->waits(self::act(ActKind::Pin, [], 1)));
    }

    /**
     * Ten knots, a wait, ten more: what is done is not asked again, and a wait that was begun is over.
     */
    public function testWhatIsLeftIsStretchesOfWorkEachWithItsWait(): void
    {
        $acts = new Acts([
            self::act(ActKind::Tie, [Move::knot('square')], 12),
            self::act(ActKind::Wait, [], 1, Cure::End),
            self::act(ActKind::Tie, [Move::knot('square')], 6),
        ]);
        $pace = new Pace([], [Cure::End->strain()->value => 30]);

        self::assertEqualsWithDelta([[2.0, 30], [1.0, 0]], $pace->chain($acts), 1e-9);
        self::assertEqualsWithDelta([[1.0, 30], [1.0, 0]], $pace->chain($acts, 6), 1e-9);
        self::assertEqualsWithDelta([[1.0, 0]], $pace->chain($acts, 13), 1e-9);
    }

    /**
     * @param list<Move> $moves
     */
    private static function act(ActKind $does, array $moves, int $count, ?Cure $cure = null): Act
    {
        return new Act(
            $does,
            Part::Body,
            new Message('tie-run'),
            stint: new Stint(moves: $moves, count: $count),
            care: new EndCare(cure: $cure),
        );
    }
}
