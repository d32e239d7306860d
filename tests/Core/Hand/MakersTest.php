<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

/**
 * Makers drawn by chance cut and tie a band: by their own three samples, and by none.
 */
final class MakersTest extends TestCase
{
    private const MAKERS = 400;

    private \Random\Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
    }

    public function testThreeOwnSamplesCutCloserAndRunShortAsRarelyAsIsSaid(): void
    {
        $wish = Examples::piece(['tension' => null]);
        $even = (new Planner())->plan($wish);
        $cut = $even->cuts[1];
        self::assertSame('working', $cut->role);
        $cord = $even->draft->piece->cord('working')->cord;
        $fixed = $cut->needed()->minus($cut->part('knots'))->minus($cut->part('margin'))->millimetres;
        [$near, $nearer, $short, $left, $default] = [0, 0, 0, 0.0, 0.0];
        for ($maker = 0; $maker < self::MAKERS; ++$maker) {
            [$push, $kind, $kindUse] = [
                $this->normal(Priors::push(null)[1]),
                $this->normal(Priors::KIND),
                $this->normal(Priors::KIND),
            ];
            [$cordPitch, $cordUse] = [$this->normal(Priors::CORD_PITCH), $this->normal(Priors::CORD_USE)];
            $made = fn (): array => [
                -$push + $kind + $cordPitch + $this->normal(Priors::PIECE),
                Priors::USE_OF_PUSH * $push + $kindUse + $cordUse + $this->normal(Priors::PIECE),
            ];
            // Three samples of 15 cm each, read to a millimetre.
            $samples = array_map(function (int $i) use ($made, $cord): Observation {
                [$pitch, $use] = $made();

                return new Observation(
                    (string) $i,
                    'square',
                    Hand::cord($cord),
                    $pitch + $this->normal(0.007),
                    0.007,
                    $use + $this->normal(0.002),
                    0.002,
                );
            }, [1, 2, 3]);
            $hand = new Hand($samples);
            $known = (new Planner(hand: static fn (): Hand => $hand))->plan($wish)->cuts[1];
            // The band is as long as its wearer asks, so that what it takes goes by use per length.
            [$pitch, $use] = $made();
            $needs = $fixed + $cut->part('knots')->millimetres * exp($use - $pitch);
            $planned = $known->needed()->minus($known->part('margin'))->millimetres;
            $near += abs($needs / $planned - 1) < 0.07 ? 1 : 0;
            $nearer += abs($needs / $planned - 1) < 0.05 ? 1 : 0;
            $short += $needs > $known->length->millimetres ? 1 : 0;
            $left += ($known->length->millimetres - $needs) / $known->length->millimetres;
            $default += ($cut->length->millimetres - $needs) / $cut->length->millimetres;
        }
        self::assertGreaterThan(0.95, $near / self::MAKERS, 'what a piece takes is known to 7 % in 95 of 100');
        // Pieces of one hand differ by 2 % in pitch and in use each, which three samples know to a third:
        // 0.02 * sqrt(2 * 4/3), with what reading a sample adds 0.033, and 5 % is 1.52 of those: 87 in 100. With 6 000
        // makers it's 88, since what is fixed doesn't vary; of 400, chance takes or gives three.
        self::assertEqualsWithDelta(0.875, $nearer / self::MAKERS, 0.05, 'and to 5 % in 88');
        self::assertLessThan(0.08, $left / self::MAKERS, 'left over on average');
        self::assertGreaterThan(1.8 * $left, $default, 'without samples far more is left');
        self::assertLessThan(
            0.045,
            $short / self::MAKERS,
            'one in fifty runs short, give or take what chance does in 400',
        );
    }

    /**
     * A normal variable from two even ones (G. Box and M. Muller, 1958).
     */
    private function normal(float $spread): float
    {
        $share = fn (): float => $this->chance->getInt(1, 1 << 40) / (1 << 40);

        return $spread * sqrt(-2 * log($share())) * cos(2 * \M_PI * $share());
    }
}
