<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class JoinedEndsTest extends TestCase
{
    public function testNothingIsDrawnBeyondARing(): void
    {
        $scene = self::layout()->flat();
        $body = Examples::planOf('rope-knot', ['closure.kind' => 'butted'])->draft->body()->millimetres;

        self::assertEqualsWithDelta($body, $scene->frame->right - $scene->frame->left, 10.0);
        self::assertSame([], $scene->findings);
        self::assertNull(self::layout()->sliding(10.0));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('rope-knot', ['closure.kind' => 'butted'] + $changes));
    }
}
