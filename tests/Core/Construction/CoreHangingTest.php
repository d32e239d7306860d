<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class CoreHangingTest extends TestCase
{
    public function testCoresThatHangAreOfEvenNumber(): void
    {
        $plan = Examples::plan([
            'findings.fish' => ['kind' => 'connector', 'length' => '20 mm'],
            'pattern' => '1 square x fit, focal fish, mirror', 'cords.core.count' => 3,
        ]);

        self::assertNotSame([], $plan->checks);
        self::assertSame(20.0, $plan->draft->piece->findings['fish']->length->millimetres);
        self::assertTrue($plan->draft->isHalved());
    }
}
