<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Measure\WrittenLength;

final class WrittenLengthTest extends TestCase
{
    #[TestWith([165.1, Unit::Inch, '6 1/2 in'])]
    #[TestWith([6.35, Unit::Inch, '1/4 in'])]
    #[TestWith([25.3, Unit::Inch, '1 in'])]
    #[TestWith([0.0, Unit::Inch, '0 in'])]
    #[TestWith([-7.9375, Unit::Inch, '−5/16 in'])]
    #[TestWith([-0.1, Unit::Inch, '0 in'])]
    #[TestWith([163.44, Unit::Centimetre, '16.3 cm'])]
    #[TestWith([160.0, Unit::Centimetre, '16 cm'])]
    #[TestWith([-5.0, Unit::Centimetre, '−0.5 cm'])]
    #[TestWith([-0.2, Unit::Centimetre, '0 cm'])]
    #[TestWith([1.25, Unit::Millimetre, '1.3 mm'])]
    #[TestWith([12_345.6, Unit::Metre, '12.346 m'])]
    public function testIsWrittenAsATapeShowsIt(float $millimetres, Unit $unit, string $written): void
    {
        self::assertSame($written, (string) WrittenLength::of(Length::ofMillimetres($millimetres), $unit));
    }

    public function testTakesAnotherDecimalMark(): void
    {
        self::assertSame('16,3 cm', (string) WrittenLength::of(Length::ofMillimetres(163), Unit::Centimetre)->marked(','));
        self::assertSame('−0,5', WrittenLength::of(Length::ofMillimetres(-5), Unit::Centimetre)->marked(',')->number());
        self::assertSame('6 1/2', WrittenLength::of(Length::ofMillimetres(165.1), Unit::Inch)->marked(',')->number());
    }
}
