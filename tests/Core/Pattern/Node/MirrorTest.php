<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Pattern;

final class MirrorTest extends TestCase
{
    public function testItSaysWhichWayItIsWorked(): void
    {
        self::assertSame('mirror', (string) new Mirror());
        self::assertSame('outwards', (string) new Mirror(outwards: true));
        self::assertSame([], (new Mirror())->names());
    }

    public function testWhatIsExchangedIsRenamed(): void
    {
        $mirror = Pattern::parse('1 bead a, mirror with b for a', Unit::Millimetre)->parts[1];

        self::assertEqualsCanonicalizing(['a', 'b'], $mirror->names());
        self::assertEqualsCanonicalizing(
            ['a2', 'b2'],
            $mirror->renamed(static fn (string $name): string => $name.'2')->names(),
        );
    }
}
