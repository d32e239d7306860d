<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Hang;

final class HangTest extends TestCase
{
    public function testItNamesOneThing(): void
    {
        $node = new Hang('moon');

        self::assertSame(['hang', 'hang moon', ['moon']], [$node->word(), (string) $node, $node->names()]);
        self::assertSame('hang star', (string) $node->renamed(static fn (string $name): string => 'star'));
    }
}
