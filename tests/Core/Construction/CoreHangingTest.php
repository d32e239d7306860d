<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\CoreHanging;
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

    /**
     * One connector with a part on either side of it, however short: cores hang from that; nothing hangs from the end.
     */
    #[TestWith(['1 square x fit, focal fish, 1 square', true])]
    #[TestWith(['1 square, focal fish, 1 square x fit', true])]
    #[TestWith(['focal fish, 1 square x fit', false])]
    #[TestWith(['1 square x fit, focal fish', false])]
    #[TestWith(['1 square, focal fish, 1 square x fit, focal fish, 1 square', false])]
    #[TestWith(['1 square x fit', false])]
    public function testFromWhereCoresHang(string $pattern, bool $hangs): void
    {
        $plan = Examples::plan([
            'findings.fish' => ['kind' => 'connector', 'length' => '20 mm'], 'pattern' => $pattern,
        ]);
        self::assertSame($hangs, CoreHanging::wished($plan->draft->piece));
    }
}
