<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Workshop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Workshop\Passwords;

final class PasswordsTest extends TestCase
{
    #[DataProvider('providePasswords')]
    public function testOneThatIsEasilyGuessedIsRefused(string $password, ?string $fault): void
    {
        self::assertSame($fault, Passwords::fault($password, 'Marit')?->key);
    }

    /**
     * @return iterable<string, array{string, string|null}>
     */
    public static function providePasswords(): iterable
    {
        yield 'twelve' => ['vier knoten8', null];
        yield 'eleven' => ['vier knoten', 'password-short'];
        yield 'twelve letters that are more bytes' => ['öäüßöäüßxyzé', null];
        yield 'as long as can be' => [str_repeat('abcde', 40), null];
        yield 'longer' => [str_repeat('abcde', 40).'f', 'password-long'];
        yield 'four letters' => ['abcdabcdabcd', 'password-guessed'];
        yield 'five letters' => ['abcdeabcdeab', null];
        yield 'a common one and a little' => ['Password2026', 'password-guessed'];
        yield 'her name and a little' => ['Marit-marit-1', 'password-guessed'];
        yield 'a common word, and enough beside it' => ['welcome, wren and reed', null];
    }
}
