<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Sizing\QuotedNumber;
use Rinkel\Core\Sizing\ThumbRule;

final class ThumbRuleTest extends TestCase
{
    public function testItFitsWhereItIsWithinTheRange(): void
    {
        $rule = new ThumbRule('four-times', 4.0, [
            1 => new QuotedNumber(3.5, 3.2, 3.9),
            2 => new QuotedNumber(3.8, 3.6, 4.0),
            3 => new QuotedNumber(4.1, 3.8, 4.4),
            4 => new QuotedNumber(4.2, 4.0, 4.4),
            5 => new QuotedNumber(4.5, 4.1, 4.9),
        ], true);

        self::assertSame([2, 3, 4], $rule->fits());
    }
}
