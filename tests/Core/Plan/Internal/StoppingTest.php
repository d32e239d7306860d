<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Internal\Stopping;
use Rinkel\Tests\Core\Examples;

final class StoppingTest extends TestCase
{
    public function testAKnotThinnerThanTheHoleSlipsIn(): void
    {
        $codes = static fn (string $hole): array => array_column(Stopping::checks(Examples::planOf('strung-beads', [
            'beads.pearl' => ['shape' => 'round', 'diameter' => '12 mm', 'hole' => $hole],
        ])->draft), 'code');

        self::assertSame(['knot-slips-through'], $codes('5 mm'));
        self::assertSame([], $codes('2 mm'));
    }
}
