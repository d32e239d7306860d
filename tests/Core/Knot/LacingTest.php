<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Lacing;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

final class LacingTest extends TestCase
{
    public function testALaceGoesAcrossALinkAndAroundItsWire(): void
    {
        $link = Finding::usual(FindingKind::Link);
        $cord = new Cord(Fibre::Leather, Length::ofMillimetres(2), Colour::parse('#112233'));
        $one = (new Lacing($link))->use($cord, 1);

        self::assertGreaterThan(
            hypot($link->pitch()->millimetres, $link->inside->millimetres),
            $one->millimetres,
        );
        self::assertTrue((new Lacing($link))->use($cord, 4)->isLongerThan($one), 'four threads are thicker');
    }
}
