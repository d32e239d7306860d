<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Sizing\Operation;
use Rinkel\Core\Sizing\SizeTurn;

final class SizeTurnTest extends TestCase
{
    public function testActsAddUpAndOfWaitsTheLongestCounts(): void
    {
        $one = new SizeTurn(Operation::cases()[0], 2, 10.0, 30, 3);
        $then = $one->then(new SizeTurn(Operation::cases()[0], 2, 5.0, 60, 1));
        $with = $one->with(new SizeTurn(Operation::cases()[0], 4, 5.0, 20));

        self::assertSame([2, 15.0, 60, 4], [$then->pieces, $then->minutes, $then->waits, $then->acts]);
        self::assertSame([6, 15.0, 30], [$with->pieces, $with->minutes, $with->waits], 'they dry together');
    }
}
