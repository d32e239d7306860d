<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Construction\SpacedKnots;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;

final class OnCordTest extends TestCase
{
    public function testWhatIsStrungOnOneCordIsMadeOfItAlone(): void
    {
        $construction = new SpacedKnots();

        self::assertTrue($construction->cords()->has('cord'));
        self::assertTrue($construction->cords()->has('slider'));
        self::assertFalse($construction->cords()->has('core'));
        self::assertSame(Look::Cord, $construction->look());
        self::assertTrue($construction->ties(new Overhand()));
        self::assertFalse($construction->ties(new Square()), 'that needs another cord');
    }
}
