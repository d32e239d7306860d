<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Exception\DivisionByNothing;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Exception\NegativeLength;
use Rinkel\Core\Measure\Exception\NotALength;
use Rinkel\Core\Measure\Exception\UnknownUnit;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\English;

final class LengthTest extends TestCase
{
    #[DataProvider('provideReadable')]
    public function testReadsWhatMakersWrite(string $text, Unit $bare, float $millimetres): void
    {
        self::assertEqualsWithDelta($millimetres, Length::parse($text, $bare)->millimetres, 1e-9);
    }

    /**
     * @return iterable<string, array{string, Unit, float}>
     */
    public static function provideReadable(): iterable
    {
        yield 'bare, inches' => ['7', Unit::Inch, 177.8];
        yield 'bare, centimetres' => ['7', Unit::Centimetre, 70.0];
        yield 'inch sign' => ['7"', Unit::Centimetre, 177.8];
        yield 'typographic inch' => ['7″', Unit::Centimetre, 177.8];
        yield 'fraction' => ['6 1/2 in', Unit::Centimetre, 165.1];
        yield 'vulgar fraction' => ['6½"', Unit::Centimetre, 165.1];
        yield 'vulgar alone' => ['¾', Unit::Inch, 19.05];
        yield 'hyphened fraction' => ['6-1/2', Unit::Inch, 165.1];
        yield 'fraction alone' => ['3/16in', Unit::Centimetre, 4.7625];
        yield 'no space' => ['16.5cm', Unit::Inch, 165.0];
        yield 'decimal comma' => ['16,5 cm', Unit::Inch, 165.0];
        yield 'no leading nought' => ['.5', Unit::Inch, 12.7];
        yield 'millimetres' => ['165 mm', Unit::Inch, 165.0];
        yield 'metres' => ['1.2 m', Unit::Inch, 1200.0];
        yield 'feet' => ['4 ft', Unit::Centimetre, 1219.2];
        yield 'feet and inches' => ["1' 4\"", Unit::Centimetre, 406.4];
        yield 'feet and bare inches' => ['1 ft 4 1/2', Unit::Centimetre, 419.1];
        yield 'capitals and words' => ['2 Inches', Unit::Centimetre, 50.8];
        yield 'spaces around' => ["  5\u{a0}cm ", Unit::Inch, 50.0];
        yield 'nought' => ['0', Unit::Inch, 0.0];
    }

    /**
     * @param class-string<\Throwable> $failure
     */
    #[DataProvider('provideUnreadable')]
    public function testNamesWhatItCannotRead(string $text, string $failure, string $sentence): void
    {
        try {
            Length::parse($text, Unit::Inch);
            self::fail('Read.');
        } catch (Failure $unread) {
            self::assertInstanceOf($failure, $unread);
            self::assertStringContainsString($sentence, English::of($unread));
        }
    }

    /**
     * @return iterable<string, array{string, class-string<\Throwable>, string}>
     */
    public static function provideUnreadable(): iterable
    {
        yield 'word' => [
            'abc', NotALength::class, 'I don’t know this length: “abc”. Try 16.5 cm or 6 1/2 in.',
        ];
        yield 'empty' => ['', NotALength::class, 'Enter a length here'];
        yield 'blank' => ['  ', NotALength::class, 'Enter a length here'];
        yield 'minus' => ['-3', NegativeLength::class, '“-3”'];
        yield 'true minus' => ['−3 cm', NegativeLength::class, '“−3 cm”'];
        yield 'zero below bar' => ['7 1/0', DivisionByNothing::class, 'The fraction in “7 1/0” divides by zero.'];
        yield 'exponent' => ['1e9', NotALength::class, '“1e9”'];
        yield 'markup' => ['<script>', NotALength::class, '“<script>”'];
        yield 'unknown unit' => ['7 furlongs', UnknownUnit::class, 'I don’t know the unit “furlongs” in “7 furlongs”.'];
        yield 'two fractions' => ['7 1/2 1/2', NotALength::class, '“7 1/2 1/2”'];
        yield 'mixed' => ['1.5 1/2', NotALength::class, '“1.5 1/2”'];
        yield 'very long' => [str_repeat('9', 10_000), NotALength::class, '“'.str_repeat('9', 40).'…”'];
        yield 'not UTF-8' => ["\xff\xfe", NotALength::class, 'I don’t know this length'];
        yield 'other digits' => ['٣ cm', NotALength::class, '“٣ cm”'];
        yield 'is too long' => ['999999999 ft', LengthOutOfRange::class, 'is too long'];
        yield 'sign alone' => ['"', NotALength::class, 'I don’t know this length'];
    }

    #[DataProvider('provideWritten')]
    public function testWritesAsMakersRead(float $millimetres, Unit $unit, string $written): void
    {
        self::assertSame($written, (string) Length::ofMillimetres($millimetres)->written($unit));
    }

    /**
     * @return iterable<string, array{float, Unit, string}>
     */
    public static function provideWritten(): iterable
    {
        yield 'whole inches' => [177.8, Unit::Inch, '7 in'];
        yield 'half' => [165.1, Unit::Inch, '6 1/2 in'];
        yield 'lowest terms' => [19.05, Unit::Inch, '3/4 in'];
        yield 'sixteenths' => [30.1625, Unit::Inch, '1 3/16 in'];
        yield 'rounds up to whole' => [177.7, Unit::Inch, '7 in'];
        yield 'negative inches' => [-30.1625, Unit::Inch, '−1 3/16 in'];
        yield 'no negative nought' => [-0.01, Unit::Inch, '0 in'];
        yield 'centimetres to 1 mm' => [165.04, Unit::Centimetre, '16.5 cm'];
        yield 'whole centimetres' => [160.0, Unit::Centimetre, '16 cm'];
        yield 'millimetres to 0.1' => [1.25, Unit::Millimetre, '1.3 mm'];
        yield 'metres to 1 mm' => [1234.4, Unit::Metre, '1.234 m'];
    }

    public function testWhatIsWrittenIsReadBackToTheSameWriting(): void
    {
        $chance = new Chance(20_261_124);
        for ($i = 0; $i < 2000; ++$i) {
            $length = Length::ofMillimetres($chance->between(0, 3000));
            foreach ([Unit::Millimetre, Unit::Centimetre, Unit::Inch] as $unit) {
                $written = (string) $length->written($unit);
                self::assertSame(
                    $written,
                    (string) Length::parse($written, Unit::Foot)->written($unit),
                    (string) $chance,
                );
            }
            self::assertEquals(
                $length,
                Length::parse((string) Length::parse((string) $length, Unit::Foot), Unit::Foot),
                'exact form',
            );
        }
    }

    #[DataProvider('provideRoundedUp')]
    public function testRoundsCutsUp(float $millimetres, Unit $unit, float $cut): void
    {
        self::assertEqualsWithDelta(
            $cut,
            Length::ofMillimetres($millimetres)->roundedUpTo($unit->cutStep())->millimetres,
            1e-9,
        );
    }

    /**
     * @return iterable<string, array{float, Unit, float}>
     */
    public static function provideRoundedUp(): iterable
    {
        yield 'up to the centimetre' => [121.0, Unit::Centimetre, 130.0];
        yield 'a whole one stays' => [120.0, Unit::Centimetre, 120.0];
        yield 'binary dust is no need' => [120.000_000_000_01, Unit::Centimetre, 120.0];
        yield 'up to the half inch' => [165.2, Unit::Inch, 177.8];
        yield 'a half inch stays' => [165.1, Unit::Inch, 165.1];
    }

    public function testNothingGoesIntoALengthNoTimes(): void
    {
        $this->expectException(DivisionByNothing::class);

        Length::ofCentimetres(3)->ratioTo(Length::zero());
    }

    /**
     * Whatever is written is read back as it was: all finite lengths, of any size and either sign.
     */
    public function testEveryLengthReadsWhatItWrites(): void
    {
        $chance = new Chance(20_261_130);
        foreach (range(1, 4000) as $ignored) {
            $millimetres = $chance->between(-1, 1) * 10 ** $chance->between(-12, 7.9);
            $written = (string) Length::ofMillimetres($millimetres);
            self::assertSame($written, (string) Length::exact($written), (string) $chance);
            self::assertEqualsWithDelta($millimetres, Length::exact($written)->millimetres, 5e-9, $written);
            if ($millimetres >= 0.0) {
                self::assertSame($written, (string) Length::parse($written, Unit::Inch), (string) $chance);
            }
        }
        self::assertSame('0.0000001 mm', (string) Length::parse('0.0000001 mm', Unit::Inch));
    }

    /**
     * @param non-empty-string $text
     */
    #[DataProvider('provideNotExact')]
    public function testWhatWasNotWrittenSoIsNotExact(string $text): void
    {
        $this->expectException(NotALength::class);

        Length::exact($text);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideNotExact(): iterable
    {
        yield 'a power of ten' => ['1.0e-7 mm'];
        yield 'another unit' => ['3 cm'];
        yield 'no unit' => ['3'];
        yield 'no number' => ['NAN mm'];
    }

    /**
     * What is cut is never less than it has to be, in either unit.
     */
    public function testWhatIsCutIsNeverWrittenShorter(): void
    {
        $chance = new Chance(7);
        for ($i = 0; $i < 2000; ++$i) {
            $length = Length::ofMillimetres($chance->between(1, 5000));
            foreach ([Unit::Centimetre, Unit::Inch] as $unit) {
                $read = Length::parse((string) $length->writtenToCut($unit), $unit);
                self::assertFalse($read->isShorterThan($length), $length.' '.$unit->value);
                self::assertTrue($read->isShorterThan($length->plus($unit->tapeStep())), $length.' '.$unit->value);
            }
        }
    }

    public function testALengthWithABrokenUnitIsRefused(): void
    {
        foreach (['6 3/4 i n', '6 3/4i n', '6 c m'] as $text) {
            try {
                Length::parse($text, Unit::Inch);
                self::fail($text.' was read.');
            } catch (UnknownUnit $unknown) {
                self::assertStringContainsString($text, $unknown->getMessage());
            }
        }
    }
}
