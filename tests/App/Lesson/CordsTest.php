<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Lesson\Cords;
use Rinkel\Tests\Core\Examples;

final class CordsTest extends TestCase
{
    public function testAKnotIsDrawnInThePiecesColours(): void
    {
        self::assertSame(
            ['working' => '#112233', 'core' => '#aabbcc', 'other' => '#aabbcc'],
            Cords::colours(Examples::plan()->draft->piece),
        );
    }

    public function testAPieceOfOneCordHasStandInsForTheOthers(): void
    {
        $colours = Cords::colours(Examples::planOf('spaced-knots')->draft->piece);

        self::assertSame(Cords::COLOURS['core'], $colours['core']);
        self::assertSame(Cords::COLOURS['other'], $colours['other']);
    }
}
