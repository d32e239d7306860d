<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\BeadBundle;

final class BeadBundleTest extends TestCase
{
    public function testIsWrittenAsItIsRead(): void
    {
        self::assertSame('bundle a b', (string) new BeadBundle(['a', 'b']));
        self::assertSame('bundle loose a / b c', (string) new BeadBundle(['a'], ['b', 'c'], loose: true));
        self::assertSame('bundle level a', (string) new BeadBundle(['a'], level: true));
        self::assertSame('bundle loose level a', (string) new BeadBundle(['a'], loose: true, level: true));
    }

    public function testIsRenamedFromTheLongEndToTheShort(): void
    {
        $renamed = (new BeadBundle(['a', 'b'], ['c', 'd'], loose: true, level: true))
            ->renamed(static fn (string $name, int $i): string => $name.$i);

        self::assertSame('bundle loose level a0 b1 / c2 d3', (string) $renamed);
        self::assertSame(['a0', 'b1', 'c2', 'd3'], $renamed->names());
    }
}
