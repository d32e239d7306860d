<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Focal;

final class FocalTest extends TestCase
{
    public function testItNamesOneThing(): void
    {
        $node = new Focal('moon');

        self::assertSame(['focal', 'focal moon', ['moon']], [$node->word(), (string) $node, $node->names()]);
        self::assertSame('focal star', (string) $node->renamed(static fn (string $name): string => 'star'));
    }
}
