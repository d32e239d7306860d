<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Message;

final class MessageTest extends TestCase
{
    public function testItIsAKeyWithItsValues(): void
    {
        $message = new Message('tie', ['knot' => 'square', 'count' => 4, 'all' => ['a', 'b']]);

        self::assertSame('tie (knot: square; count: 4; all: a, b)', (string) $message);
        self::assertSame('tie (knot: square; all: a, b)', (string) $message->without('count'));
        self::assertSame('barrel', $message->with('knot', 'barrel')->values['knot']);
        self::assertSame('tie', (string) new Message('tie'));
    }
}
