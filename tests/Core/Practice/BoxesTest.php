<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Practice\Boxes;

final class BoxesTest extends TestCase
{
    public function testARightAnswerComesBackLaterAWrongOneAtOnce(): void
    {
        self::assertSame([2, 3, 5, 5], array_map(
            static fn (int $box): int => Boxes::after($box, true),
            [1, 2, 4, 5],
        ));
        self::assertSame(1, Boxes::after(4, false));
        self::assertSame([0, 1, 2, 4, 8, 8], array_map(Boxes::days(...), [1, 2, 3, 4, 5, 9]));
    }
}
