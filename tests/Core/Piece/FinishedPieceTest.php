<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\FinishedPiece;
use Rinkel\Core\Piece\PieceOutcome;
use Rinkel\Core\Piece\Remarks;

final class FinishedPieceTest extends TestCase
{
    public function testSaysByWhatShareItCameOutLonger(): void
    {
        self::assertEqualsWithDelta(0.05, self::piece(['body' => Length::ofMillimetres(189)])->off() ?? 0.0, 1e-12);
        self::assertNull(self::piece()->off());
    }

    /**
     * Cords of which nobody measured what was left say nothing.
     */
    public function testWhatWasLeftOverIsAShareOfWhatWasMeasured(): void
    {
        $left = self::piece(['cords' => [
            'core' => [2, Length::ofMillimetres(500), Length::ofMillimetres(50)],
            'working' => [1, Length::ofMillimetres(3000), Length::ofMillimetres(300)],
            'slider' => [1, Length::ofMillimetres(400), null],
        ]])->left();

        self::assertEqualsWithDelta(400 / 4000, $left ?? 0.0, 1e-12);
        self::assertNull(self::piece()->left());
    }

    public function testItsPaceIsThatOfTheKnotsThatWereTied(): void
    {
        self::assertSame(4.0, self::piece(['minutes' => 20])->pace(), 'as planned when nobody counted');
        self::assertSame(5.0, self::piece(['minutes' => 20, 'tied' => 100])->pace());
        self::assertNull(self::piece()->pace());
        self::assertNull(self::piece(['minutes' => 0])->pace());
        self::assertNull(self::piece(['minutes' => 20, 'tied' => 0])->pace());
    }

    public function testNamesTheBeadsItWasMadeOf(): void
    {
        self::assertSame(['dot', '7'], self::piece(['piece' => ['beads' => ['dot' => [], '7' => []]]])->beads());
        self::assertSame([], self::piece()->beads());
    }

    /**
     * @param array<string, mixed> $changed
     */
    private static function piece(array $changed = []): FinishedPiece
    {
        $outcome = array_intersect_key($changed, array_flip(['body', 'tied', 'minutes', 'unmade'])) + [
            'planned' => Length::ofMillimetres(180), 'body' => null, 'kind' => 'square', 'knots' => 80, 'tied' => null,
            'minutes' => null,
        ];
        $all = array_diff_key($changed, $outcome) + [
            'name' => 'Breakwater', 'whom' => '', 'cords' => [], 'cost' => null, 'remarks' => new Remarks('', ''),
            'observations' => [], 'piece' => [],
            'outcome' => new PieceOutcome(...$outcome), // @phpstan-ignore argument.type (named as its arguments are)
        ];

        return new FinishedPiece(...$all); // @phpstan-ignore argument.type (named as its arguments are)
    }
}
