<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Fit;

final class FitTest extends TestCase
{
    public function testMoreOrFewerThanFitIsBounded(): void
    {
        self::assertSame('fit', (string) new Fit());
        self::assertSame('fit 2 more 3 partly', (string) new Fit(2, 3, true));
        self::assertSame('fit less 2', (string) (new Fit())->plus(-2));
        self::assertSame(Fit::MOST_MORE, (new Fit())->plus(500)->more);
        self::assertSame(-Fit::MOST_MORE, (new Fit())->plus(-500)->more);
        self::assertSame('fit partly', (string) (new Fit())->brokenOff(true));
        self::assertSame('fit more 1', (string) (new Fit(1, 1, true))->brokenOff(false));
    }
}
