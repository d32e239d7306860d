<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\EditAct;
use Rinkel\Core\Measure\Unit;

final class EditActTest extends TestCase
{
    public function testWhatIsNoActIsDropped(): void
    {
        $act = EditAct::read(
            ['id' => ['x'], 'do' => "a\0b", 'in' => 'furlong', 'f' => 'odd', 'stroke' => str_repeat('a', 41)],
        );

        self::assertSame(['', '', '', []], [$act->id, $act->deed, $act->stroke, $act->texts]);
        self::assertSame(Unit::Centimetre, $act->in);
    }

    public function testWhatIsTypedIsReadByItsField(): void
    {
        $act = EditAct::read(
            [
                'id' => 'A-1',
                'do' => 'remove 2',
                'in' => 'in',
                'f' => ['name' => 'Heron', 'list' => ['x']],
                'was' => ['pattern' => '5 square'],
            ],
        );

        self::assertSame('A-1', $act->id);
        self::assertSame('remove 2', $act->deed);
        self::assertSame(Unit::Inch, $act->in);
        self::assertSame('Heron', $act->texts['name'] ?? null);
        self::assertSame('5 square', $act->was['pattern'] ?? null);
    }
}
