<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Naming;
use Rinkel\Tests\English;

final class NamingTest extends TestCase
{
    #[DataProvider('provideNames')]
    public function testSuits(string $name, bool $suits): void
    {
        self::assertSame($suits, Naming::suits($name));
        self::assertStringContainsString('won’t work as a short name', English::of(Naming::refusal($name)));
    }

    /**
     * @return iterable<string, array{string, bool}>
     */
    public static function provideNames(): iterable
    {
        yield 'a word' => ['amber', true];
        yield 'with a number' => ['sea-glass-2', true];
        yield 'of another script' => ['бирюза', true];
        yield 'forty letters' => [str_repeat('a', 40), true];
        yield 'one more' => [str_repeat('a', 41), false];
        yield 'a number first' => ['2nd', false];
        yield 'a word of the notation' => ['Mirror', false];
        yield 'a cord\'s task' => ['Working', false];
        yield 'two words' => ['a b', false];
        yield 'a line more' => ["a\n", false];
        yield 'nothing' => ['', false];
        yield 'more is only said after a fit' => ['more', true];
    }

    public function testANameNearOneThatDoesNotSuit(): void
    {
        foreach (['working', str_repeat('x', 60), '7 up', "a\tb", 'fit', '', '“?”'] as $name) {
            $near = Naming::near($name, []);
            self::assertTrue(Naming::suits($near), $name);
            $other = Naming::near($name, [$near => true]);
            self::assertNotSame($near, $other);
            self::assertTrue(Naming::suits($other));
        }
        self::assertFalse(Pattern::isName('7 up'));
    }
}
