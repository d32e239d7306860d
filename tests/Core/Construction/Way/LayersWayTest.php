<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How strands that hang apart are made.
 */
final class LayersWayTest extends TestCase
{
    public function testEachStrandIsPinnedWorkedAndMarkedBeforeTheNext(): void
    {
        $plan = Examples::planOf('layered-strands');

        self::assertSame(['begin-layers', 'layers-begun', 'layers-ended'], Sheets::keys($plan, Part::Mount));
        self::assertSame(
            ['layer-next', 'leave', 'tie', 'bead-core', 'tie', 'leave', 'strand-done', 'layer-next'],
            \array_slice(Sheets::keys($plan, Part::Body), 0, 8),
        );
        self::assertSame('compare-layers', Sheets::keys($plan, Part::Trial)[0]);
        self::assertSame(
            ['cord.1.a', 'cord.2.a', 'cord.3.a'],
            Sheets::ends(Sheets::act($plan, 'layers-begun')->grip->by),
        );
    }
}
