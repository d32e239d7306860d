<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;

final class PaceTest extends TestCase
{
    public function testAKnotTakesItsMakersOwnTimeOrTheUsualOne(): void
    {
        $tie = self::act(Does::Tie, [Move::knot('square')], 20);

        self::assertSame('knot square', Pace::kind($tie, 3));
        self::assertSame(20 * 10.0, (new Pace())->seconds($tie), 'ten seconds a square knot');
        self::assertSame(20 * 7.5, (new Pace(['knot square' => 7.5]))->seconds($tie));
        self::assertSame(3 * 15.0, (new Pace())->seconds(self::act(Does::Tie, [Move::knot('unheard of')], 3)));
    }

    public function testHalfAKnotTakesHalfTheTime(): void
    {
        $halves = self::act(Does::Tie, [Move::knot('square', share: 0.5)], 40);

        self::assertSame(40 * 5.0, (new Pace())->seconds($halves));
    }

    public function testAnythingElseTakesTheTimeOfWhatIsDone(): void
    {
        $pin = self::act(Does::Pin, [], 1);

        self::assertSame(Does::Pin->value, Pace::kind($pin, 0));
        self::assertSame((float) Does::Pin->usualSeconds(), (new Pace())->seconds($pin));
    }

    public function testHerOwnGlueDriesInItsOwnTime(): void
    {
        $wait = self::act(Does::Wait, [], 1, Cure::End);

        self::assertSame(Cure::End->minutes(), (new Pace())->waits($wait));
        self::assertSame(7, (new Pace([], [Cure::End->strain()->value => 7]))->waits($wait));
        self::assertSame(0, (new Pace())->waits(self::act(Does::Pin, [], 1)));
    }

    /**
     * Ten knots, a wait, ten more: what is done is not asked again, and a wait that was begun is over.
     */
    public function testWhatIsLeftIsStretchesOfWorkEachWithItsWait(): void
    {
        $acts = new Acts([
            self::act(Does::Tie, [Move::knot('square')], 12),
            self::act(Does::Wait, [], 1, Cure::End),
            self::act(Does::Tie, [Move::knot('square')], 6),
        ]);
        $pace = new Pace([], [Cure::End->strain()->value => 30]);

        self::assertEqualsWithDelta([[2.0, 30], [1.0, 0]], $pace->chain($acts), 1e-9);
        self::assertEqualsWithDelta([[1.0, 30], [1.0, 0]], $pace->chain($acts, 6), 1e-9);
        self::assertEqualsWithDelta([[1.0, 0]], $pace->chain($acts, 13), 1e-9);
    }

    /**
     * @param list<Move> $moves
     */
    private static function act(Does $does, array $moves, int $count, ?Cure $cure = null): Act
    {
        return new Act($does, Part::Body, new Message('tie-run'), $moves, $count, cure: $cure);
    }
}
