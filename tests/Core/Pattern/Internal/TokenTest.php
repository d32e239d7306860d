<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Place;

final class TokenTest extends TestCase
{
    public function testOnlyAWordIsAWord(): void
    {
        $place = new Place(1, 1, 4);

        self::assertTrue((new Token(TokenKind::Word, 'bead', $place))->is('bead'));
        self::assertFalse((new Token(TokenKind::Word, 'beads', $place))->is('bead'));
        self::assertFalse((new Token(TokenKind::Text, 'bead', $place))->is('bead'));
    }
}
