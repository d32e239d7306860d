<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Lift\FromVersion4;

final class FromVersion4Test extends TestCase
{
    public function testAClosureSaysNothingItsKindDoesNotKnow(): void
    {
        $lifted = (new FromVersion4())->lift([
            'version' => 4,
            'construction' => 'square-knot-band',
            'closure' => ['kind' => 'clasp', 'tails' => 'frayed', 'findings' => ['hook']],
        ]);

        self::assertSame(5, $lifted['version']);
        self::assertSame(['kind' => 'clasp', 'findings' => ['hook']], $lifted['closure']);
    }

    public function testWhatItCannotReadItLeaves(): void
    {
        self::assertSame('odd', (new FromVersion4())->lift(['version' => 4, 'closure' => 'odd'])['closure']);
        self::assertSame(
            ['kind' => 'nobody knows'],
            (new FromVersion4())->lift(['version' => 4, 'closure' => ['kind' => 'nobody knows']])['closure'],
        );
    }
}
