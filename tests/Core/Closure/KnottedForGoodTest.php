<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class KnottedForGoodTest extends TestCase
{
    public function testNothingIsBetweenItsEndsAndItNeverOpens(): void
    {
        $plan = Examples::planOf('knotted-strands', ['closure.kind' => 'for-good']);
        $fastened = $plan->draft->fastened;

        self::assertTrue($fastened->span->narrow->isZero());
        self::assertTrue($fastened->span->wide->isZero());
        self::assertSame([], $fastened->parts());
        self::assertSame('for-good', $fastened->kind->id());
    }
}
