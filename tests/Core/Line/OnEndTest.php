<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\OnEnd;

final class OnEndTest extends TestCase
{
    public function testAnEndsLaneIsTheRoleOfItsCord(): void
    {
        self::assertSame('cord left', OnEnd::of('cord', false));
        self::assertSame('cord', OnEnd::role(OnEnd::of('cord', true)));
        self::assertSame('left', OnEnd::role('left'), 'a cord may be called so');
    }
}
