<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Rod;

final class RodTest extends TestCase
{
    #[DataProvider('provideNone')]
    public function testARodHasAThickness(float $diameter): void
    {
        self::assertSame(0.1, (new Rod(0.0, 0.0, 0.1))->diameter);
        $this->expectException(\InvalidArgumentException::class);
        new Rod(0.0, 0.0, $diameter);
    }

    /**
     * @return iterable<string, array{float}>
     */
    public static function provideNone(): iterable
    {
        yield 'none' => [0.0];
        yield 'less than none' => [-1.0];
        yield 'no number' => [\NAN];
    }
}
