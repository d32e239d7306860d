<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Tight\KnotPuller;
use Rinkel\Tests\Core\FigureEight;

final class KnotPullerTest extends TestCase
{
    public function testWhatComesUndoneIsNotPulled(): void
    {
        $this->expectExceptionMessage('drawn-undone');
        (new KnotPuller())->pull(DrawnWay::read(FigureEight::WAY, FigureEight::LOOSE));
    }

    /**
     * The excess lengths of the tightest open knots: 10.1 of an overhand, 13.7 of a figure eight (P. Pierański,
     * S. Przybył and A. Stasiak, "Tight open knots", 2001, from memory).
     */
    #[Group('slow')]
    public function testAKnotIsPulledAsTightAsItGoes(): void
    {
        $rounds = 0;
        $pulled = (new KnotPuller(0.3))->pull(
            DrawnWay::read('k1 k5 o9 k13 g11 g7 k5 o3 q8 k9 f14 k18'),
            static function () use (&$rounds): void {
                ++$rounds;
            },
        );

        self::assertEqualsWithDelta(10.1, $pulled->use, 0.1);
        self::assertEqualsWithDelta(3.3, $pulled->length, 0.15);
        self::assertSame(KnotPuller::rounds(), $rounds);
        self::assertLessThan(0.1, $pulled->error);
        $along = array_column($pulled->way, 2);
        self::assertLessThan(0, $along[0] ?? 0);
        self::assertGreaterThan($pulled->length, array_pop($along));
    }

    /**
     * Beads so far apart are no cord: what comes of it is wrong, and says that it may be.
     */
    #[Group('slow')]
    public function testWhatIsTooCoarseSaysSo(): void
    {
        $pulled = (new KnotPuller(0.6))->pull(DrawnWay::read('k1 k5 o9 k13 g11 g7 k5 o3 q8 k9 f14 k18'));

        self::assertGreaterThan(0.3, $pulled->error);
        self::assertLessThan($pulled->use * (1 + $pulled->error), 10.1);
    }

    /**
     * What is kept with the example is what comes of pulling it again.
     */
    #[Group('slow')]
    public function testTheExampleComesToWhatItCameTo(): void
    {
        $kept = FigureEight::knot();
        $pulled = (new KnotPuller())->pull($kept->way);

        self::assertEqualsWithDelta(
            [$kept->pulled->use, $kept->pulled->length, $kept->pulled->width, $kept->pulled->height],
            [$pulled->use, $pulled->length, $pulled->width, $pulled->height],
            0.05,
        );
        self::assertEqualsWithDelta(13.7, $pulled->use, 0.1);
    }

    /**
     * One that is too tangled for its paper is refused, never half pulled.
     */
    public function testARefusalIsASentence(): void
    {
        try {
            (new KnotPuller())->pull(DrawnWay::read(FigureEight::WAY, 'under under over over'));
            self::fail();
        } catch (KnotUnreadable $unreadable) {
            self::assertSame('drawn-undone', $unreadable->said()->key);
        }
    }
}
