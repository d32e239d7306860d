<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Belief;
use Rinkel\Core\Hand\Made;

final class BeliefTest extends TestCase
{
    public function testAReadingMovesItTowardsWhatWasReadAndMakesItSurer(): void
    {
        $before = self::belief();
        $after = $before->read(110.0, ['square / cord' => 100.0], true, 2.0);

        self::assertSame(0.0, $before->pitches()['square / cord']);
        self::assertGreaterThan(0.0, $after->pitches()['square / cord']);
        self::assertLessThan(log(1.1), $after->pitches()['square / cord'], 'not all of one reading is believed');
        self::assertLessThan($before->spread('square / cord', true), $after->spread('square / cord', true));
        self::assertSame(0.0, $after->uses()['square / cord'], 'uses move only as far as they go with pitches');
    }

    /**
     * One linear reading, against the closed form of a normal prior and a normal error: μ = s y / (s + e).
     */
    public function testOneSmallReadingIsAsTheClosedForm(): void
    {
        $after = self::belief()->read(1000.0 * exp(1e-4), ['square / cord' => 1000.0], true, 50.0);

        self::assertEqualsWithDelta(1e-4 * 0.01 / (0.01 + 0.0025), $after->pitches()['square / cord'], 1e-7);
        self::assertEqualsWithDelta(sqrt(0.01 * 0.0025 / 0.0125), $after->spread('square / cord', true), 5e-6);
    }

    public function testWhatItIsNotAboutLeavesItAsItWas(): void
    {
        $before = self::belief();

        self::assertSame($before, $before->read(5.0, ['other' => 4.0], true, 1.0));
        self::assertSame(0.0, $before->spread('other', false));
    }

    private static function belief(): Belief
    {
        return Belief::before([Made::family('square', 'cord', false)], [[0.01, 0.0], [0.0, 0.01]]);
    }
}
