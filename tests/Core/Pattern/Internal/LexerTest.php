<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Internal\Lexer;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;

final class LexerTest extends TestCase
{
    public function testEachTokenKnowsWhereItStands(): void
    {
        $tokens = (new Lexer("2 square,\n  gap 5 mm"))->tokens();

        self::assertSame(
            ['2', 'square', ',', 'gap', '5 mm', ''],
            array_map(static fn (Token $one): string => $one->text, $tokens),
        );
        self::assertSame(
            [[1, 1], [1, 3], [1, 9], [2, 3], [2, 7]],
            array_map(
                static fn (Token $one): array => [$one->place->line, $one->place->column],
                \array_slice($tokens, 0, 5),
            ),
        );
        self::assertSame(TokenKind::Length, $tokens[4]->kind);
    }

    public function testWhatIsNoUtf8IsNotLost(): void
    {
        $tokens = (new Lexer("2 squ\xffare"))->tokens();

        self::assertGreaterThan(2, \count($tokens));
        self::assertSame(TokenKind::End, $tokens[\count($tokens) - 1]->kind);
    }

    public function testALongTextIsCut(): void
    {
        self::assertLessThan(20_100, \count((new Lexer(str_repeat('a,', 30_000)))->tokens()));
    }
}
