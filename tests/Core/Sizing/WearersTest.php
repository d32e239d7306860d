<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Sizing\Size;
use Rinkel\Core\Sizing\Wearers;
use Rinkel\Tests\Core\Examples;

final class WearersTest extends TestCase
{
    public function testEachPieceIsMadeForSomebody(): void
    {
        $wearer = static fn (float $girth): Wearer => new Wearer(
            Length::ofMillimetres($girth),
            Measured::Snug,
            null,
            BodyPlace::Wrist,
        );
        $sizes = (new Wearers(['Ada' => $wearer(150), 'Ben' => $wearer(170)]))->sizes(Examples::piece());

        self::assertSame(['Ada', 'Ben'], array_map(static fn (Size $size): string => $size->name, $sizes));
        self::assertSame(
            ['Ada', 150.0],
            [$sizes[0]->wish->wearing->whom, $sizes[0]->wish->wearing->wearer->girth->millimetres],
        );
    }
}
