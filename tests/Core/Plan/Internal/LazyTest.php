<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Internal\Lazy;

final class LazyTest extends TestCase
{
    public function testItIsWorkedOutOnceWhenAsked(): void
    {
        $times = new \ArrayObject();
        $lazy = new Lazy(static function () use ($times): array {
            $times->append(true);

            return ['worked out'];
        });

        self::assertCount(0, $times);
        self::assertSame(['worked out'], $lazy->get());
        self::assertSame($lazy->get(), $lazy->get());
        self::assertCount(1, $times);
    }
}
