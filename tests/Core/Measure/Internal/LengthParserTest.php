<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Measure\Internal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Exception\DivisionByNothing;
use Rinkel\Core\Measure\Exception\NegativeLength;
use Rinkel\Core\Measure\Exception\NotALength;
use Rinkel\Core\Measure\Exception\UnknownUnit;
use Rinkel\Core\Measure\Internal\LengthParser;
use Rinkel\Core\Measure\Unit;

final class LengthParserTest extends TestCase
{
    #[DataProvider('lengths')]
    public function testItReadsWhatMakersWrite(string $text, Unit $bare, float $millimetres): void
    {
        self::assertEqualsWithDelta($millimetres, (new LengthParser($text, $bare))->parse()->millimetres, 1e-9);
    }

    /**
     * @return iterable<string, array{string, Unit, float}>
     */
    public static function lengths(): iterable
    {
        yield 'bare' => ['16', Unit::Centimetre, 160.0];
        yield 'comma' => ['16,5 cm', Unit::Inch, 165.0];
        yield 'no nought' => ['.5 in', Unit::Centimetre, 12.7];
        yield 'fraction' => ['1/2 in', Unit::Centimetre, 12.7];
        yield 'one and a half' => ['1 1/2 in', Unit::Centimetre, 38.1];
        yield 'with a dash' => ['1-1/2"', Unit::Centimetre, 38.1];
        yield 'one sign' => ['1½"', Unit::Centimetre, 38.1];
        yield 'feet and inches' => ['1\' 6 1/2', Unit::Centimetre, 469.9];
        yield 'feet in words' => ['2 ft 3 in', Unit::Centimetre, 685.8];
        yield 'a narrow space' => ["12\u{202f}mm", Unit::Inch, 12.0];
    }

    #[DataProvider('wrong')]
    public function testItSaysWhatIsWrong(string $text, string $exception): void
    {
        self::assertTrue(is_a($exception, \Throwable::class, true));
        $this->expectException($exception);
        (new LengthParser($text, Unit::Centimetre))->parse();
    }

    /**
     * @return iterable<string, array{string, class-string<\Throwable>}>
     */
    public static function wrong(): iterable
    {
        yield 'nothing' => ['', NotALength::class];
        yield 'words' => ['long', NotALength::class];
        yield 'below nothing' => ['-3 cm', NegativeLength::class];
        yield 'by nothing' => ['1/0 in', DivisionByNothing::class];
        yield 'a unit that is none' => ['3 cubits', UnknownUnit::class];
        yield 'a decimal and a fraction' => ['1.5 1/2 in', NotALength::class];
        yield 'a book' => [str_repeat('1', 50), NotALength::class];
        yield 'no text' => ["\xff", NotALength::class];
    }
}
