<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Internal\Load;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class LoadTest extends TestCase
{
    /**
     * A ball of 20 mm of density 2.6 g/cm³ weighs 10.9 g.
     */
    public function testBeadsWeighWhatTheyAreOf(): void
    {
        $plan = self::strung(1, '20 mm', 'stone');
        $grams = (new Load($plan->draft, $plan->draft->construction))->grams();

        self::assertEqualsWithDelta(4 / 3 * \M_PI * 1.0 ** 3 * 2.6, $grams, 1.0);
    }

    public function testMoreThanItsCordBearsIsSaid(): void
    {
        self::assertNull(Examples::check(self::strung(3, '6 mm', 'glass'), 'too-heavy'));
        $check = Examples::check(self::strung(6, '40 mm', 'metal'), 'too-heavy');
        self::assertGreaterThan($check?->values['bears'] ?? 0, $check?->values['weight'] ?? 0);
    }

    public function testThinLeatherIsGuidedAndThinnerOneCut(): void
    {
        $leather = static fn (string $thickness): Plan => Examples::planOf('spaced-knots', [
            'cords.cord' => ['fibre' => 'leather', 'thickness' => $thickness, 'colour' => '#112233'],
        ]);

        self::assertNotNull(Examples::check($leather('0.8 mm'), 'leather-delicate'));
        self::assertNotNull(Examples::check($leather('0.4 mm'), 'leather-too-thin'));
        self::assertNull(Examples::check($leather('1.5 mm'), 'leather-delicate'));
    }

    private static function strung(int $count, string $diameter, string $material): Plan
    {
        return Examples::planOf('strung-beads', [
            'beads.dot' => ['shape' => 'round', 'diameter' => $diameter, 'hole' => '1.5 mm', 'material' => $material],
            'pattern' => 'gap fit, '.$count.' bead dot, gap fit',
        ]);
    }
}
