<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Lift\FromVersion5;

final class FromVersion5Test extends TestCase
{
    public function testACordSaysNothingItsPieceDoesNotAsk(): void
    {
        $lifted = (new FromVersion5())->lift([
            'version' => 5,
            'construction' => 'square-knot-band',
            'cords' => ['core' => ['count' => 3, 'lay' => 'flat'], 'slider' => ['count' => 2, 'run' => 'folded']],
        ]);

        self::assertSame(6, $lifted['version']);
        self::assertSame(['core' => ['count' => 3, 'lay' => 'flat'], 'slider' => []], $lifted['cords']);
    }

    public function testTheRopeOfASecondLoopHasAName(): void
    {
        $lifted = (new FromVersion5())->lift([
            'version' => 5,
            'construction' => 'rope-knot',
            'cords' => ['rope' => [], 'second' => ['count' => 2]],
        ]);

        self::assertSame(['rope' => [], 'rope-second' => ['count' => 2]], $lifted['cords']);
        self::assertSame('odd', (new FromVersion5())->lift(['version' => 5, 'cords' => 'odd'])['cords']);
    }
}
