<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class TiedEndsTest extends TestCase
{
    public function testTiesHangAtBothEndsAsLongAsTheyAre(): void
    {
        $short = self::layout(['closure' => ['kind' => 'ties', 'tail' => '80 mm']])->flat();
        $body = Examples::planOf(
            'square-knot-band',
            ['closure' => ['kind' => 'ties', 'tail' => '80 mm']],
        )->draft->body()->millimetres;

        self::assertLessThan(0.0, $short->frame->left);
        self::assertGreaterThan($body, $short->frame->right);
        self::assertNull(self::layout()->sliding(10.0));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('square-knot-band', ['closure.kind' => 'ties'] + $changes));
    }
}
