<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class BarrelEndsTest extends TestCase
{
    public function testBothBarrelsMoveWithTheGap(): void
    {
        $span = Examples::planOf('spaced-knots', ['closure.kind' => 'double-barrel'])->draft->fastened->span;
        $narrow = self::layout()->sliding($span->narrow->millimetres);
        $wide = self::layout()->sliding($span->wide->millimetres);

        self::assertNotNull($narrow);
        self::assertNotNull($wide);
        self::assertGreaterThan(
            $narrow->frame->right - $narrow->frame->left,
            $wide->frame->right - $wide->frame->left,
        );
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('spaced-knots', ['closure.kind' => 'double-barrel'] + $changes));
    }
}
