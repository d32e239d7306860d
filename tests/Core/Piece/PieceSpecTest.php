<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Wearing;
use Rinkel\Core\Piece\Workmanship;
use Rinkel\Tests\Core\Examples;

final class PieceSpecTest extends TestCase
{
    /**
     * What the reader refuses nobody can make by hand either.
     */
    #[DataProvider('provideBeyond')]
    public function testKeepsItsBounds(int $wraps, int $risk): void
    {
        $this->expectException(\DomainException::class);
        $wearing = new Wearing(Examples::piece()->wearing->wearer, Length::zero(), $wraps);
        self::assertNotSame($risk, (new Workmanship(risk: $risk))->risk, 'it is not made: '.$wearing->wraps);
    }

    /**
     * @return iterable<string, array{int, int}>
     */
    public static function provideBeyond(): iterable
    {
        yield 'no wrap' => [0, Risk::USUAL];
        yield 'too many' => [Wearing::MOST_WRAPS + 1, Risk::USUAL];
        yield 'no risk' => [1, -1];
        yield 'certain to run short' => [1, Risk::LEAST - 1];
        yield 'a risk nobody can tell' => [1, Risk::MOST + 1];
    }

    public function testAnotherUnitKeepsWhatALengthInItsPatternMeant(): void
    {
        $spec = Examples::piece(['unit' => 'cm', 'pattern' => '4 square, gap 2, 4 square']);
        $inches = $spec->withUnit(Unit::Inch);

        self::assertSame($spec, $spec->withUnit(Unit::Centimetre));
        self::assertSame('4 square, gap 2 cm, 4 square', $inches->pattern?->text);
        self::assertEquals($spec->wearing->wearer, $inches->wearing->wearer);
    }

    public function testALengthTakesThePlaceOfADrop(): void
    {
        $spec = Examples::piece(['wearer.girth' => '36 cm', 'wearer.place' => 'neck', 'wearer.hand' => null, 'drop' => '6 cm']);
        $long = $spec->ofLength(Length::ofMillimetres(450));

        self::assertNull($long->wearing->drop);
        self::assertSame(450.0, $long->wearing->length?->millimetres);
        self::assertNull($long->withoutLength()->wearing->length);
    }
}
