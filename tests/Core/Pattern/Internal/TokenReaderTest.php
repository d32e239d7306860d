<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\Lexer;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;

final class TokenReaderTest extends TestCase
{
    public function testItTakesWhatIsThereAndSaysWhatIsNot(): void
    {
        $reader = new TokenReader((new Lexer('amber sky 12 x'))->tokens(), Unit::Millimetre, ['x' => true]);

        self::assertSame(['amber', 'sky'], $reader->names());
        self::assertNull($reader->number(1, 10), 'twelve are too many');
        self::assertCount(1, $reader->faults());
        self::assertSame(12, $reader->number(1, 20));
        self::assertNull($reader->name(), '"x" has a meaning');
        self::assertTrue($reader->skip('x'));
        self::assertFalse($reader->skip('x'));
        self::assertSame(TokenKind::End, $reader->now()->kind);
    }

    public function testALengthIsFromATenthOfAMillimetreToFiveMetres(): void
    {
        $length = static fn (string $text): ?Length => (static function () use ($text): ?Length {
            $reader = new TokenReader((new Lexer('gap '.$text))->tokens(), Unit::Centimetre, []);
            $reader->next();

            return $reader->length();
        })();

        self::assertEqualsWithDelta(30.0, $length('3')->millimetres ?? 0.0, 1e-9, 'in its maker\'s unit');
        self::assertNull($length('0.001'));
        self::assertNull($length('6 m'));
        self::assertEqualsWithDelta(5000.0, $length('5 m')->millimetres ?? 0.0, 1e-9);
    }
}
