<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Platform\Http\AccessToken;

final class AccessTokenTest extends TestCase
{
    public function testOnlyItsProofIsKept(): void
    {
        $token = AccessToken::of(new Randomizer(new Mt19937(7)));

        self::assertSame(48, \strlen($token->text), '24 bytes');
        self::assertSame(hash('sha256', $token->text), $token->proof());
        self::assertSame($token->proof(), AccessToken::read($token->text)?->proof());
        self::assertNotSame($token->text, AccessToken::of(new Randomizer(new Mt19937(8)))->text);
    }

    public function testWhatIsNotWholeIsNone(): void
    {
        $text = str_repeat('0a', 24);
        self::assertNotNull(AccessToken::read($text));
        $wrong = [substr($text, 1), $text.'0', strtoupper($text), $text."\n", str_replace('a', 'g', $text), ''];
        foreach ($wrong as $other) {
            self::assertNull(AccessToken::read($other), $other);
        }
    }
}
