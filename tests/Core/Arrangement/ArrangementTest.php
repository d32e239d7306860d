<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Arrangement;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Arrangement\Arrangement;
use Rinkel\Core\Arrangement\OrderRule;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;

final class ArrangementTest extends TestCase
{
    public function testBeadsInARowAreCountedTogether(): void
    {
        $arrangement = new Arrangement(OrderRule::cases()[0], ['sky', 'sky', 'sun', 'sky'], [
            'sky' => self::bead('#3366cc'), 'sun' => self::bead('#ffcc00'),
        ]);

        self::assertSame('4 bead 2 sky sun sky', (string) $arrangement->run());
        self::assertGreaterThan(0.0, $arrangement->liveliness);
    }

    public function testBeadsOfOneColourAreNotLively(): void
    {
        $one = new Arrangement(OrderRule::cases()[0], ['sky', 'sky'], ['sky' => self::bead('#3366cc')]);

        self::assertEqualsWithDelta(0.0, $one->liveliness, 1e-9);
        self::assertSame(
            0.0,
            (new Arrangement(OrderRule::cases()[0], ['sky'], ['sky' => self::bead('#3366cc')]))->liveliness,
        );
    }

    private static function bead(string $colour): Bead
    {
        return Bead::of(BeadShape::Round, Colour::parse($colour), Length::ofMillimetres(6));
    }
}
