<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\PulledKnot;

final class PulledKnotTest extends TestCase
{
    private const WAY = '0.00 0.00 -1.20, 0.50 -0.25 0.40, -0.50 0.25 1.10, 0.00 0.00 2.00';

    public function testItIsReadAsItIsWritten(): void
    {
        $pulled = PulledKnot::read([13.7, 4.5, 3.1, 3.0], 0.005, 1, self::WAY);

        self::assertSame(self::WAY, $pulled->written());
        self::assertSame([0.5, -0.25, 0.4], $pulled->way[1] ?? null);
        self::assertSame([13.7, 4.5, 3.1, 3.0], [$pulled->use, $pulled->length, $pulled->width, $pulled->height]);
    }

    /**
     * @param array<float> $size
     */
    #[TestWith([[0.2, 4.5, 3.1, 3.0], 0.0, self::WAY, 'use'])]
    #[TestWith([[13.7, 201.0, 3.1, 3.0], 0.0, self::WAY, 'length'])]
    #[TestWith([[13.7, 4.5, \NAN, 3.0], 0.0, self::WAY, 'width'])]
    #[TestWith([[13.7, 4.5, 3.1, \INF], 0.0, self::WAY, 'height'])]
    #[TestWith([[13.7, 4.5, 3.1, 3.0], 1.5, self::WAY, 'error'])]
    #[TestWith([[13.7, 4.5, 3.1, 3.0], 0.0, '0 0 0, 1 1 1, 2 2 2', 'way'])]
    #[TestWith([[13.7, 4.5, 3.1, 3.0], 0.0, '0 0 0, 1 1, 2 2 2, 3 3 3', 'way'])]
    #[TestWith([[13.7, 4.5, 3.1, 3.0], 0.0, 'over there', 'way'])]
    public function testWhatIsNoSizeIsRefused(array $size, float $error, string $way, string $field): void
    {
        self::assertCount(4, $size);
        try {
            PulledKnot::read($size, $error, 1, $way); // @phpstan-ignore argument.type (they are four numbers)
            self::fail($field);
        } catch (KnotUnreadable $unreadable) {
            self::assertSame($field, $unreadable->said()->values['field'] ?? null);
        }
    }
}
