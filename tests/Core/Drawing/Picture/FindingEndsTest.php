<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class FindingEndsTest extends TestCase
{
    public function testFindingsHangAtBothEnds(): void
    {
        $scene = self::layout()->flat();
        $body = Examples::planOf('square-knot-band', ['closure.kind' => 'clasp'])->draft->body()->millimetres;
        $xs = array_map(static fn (DrawnFinding $finding): float => $finding->x, $scene->findings);

        self::assertLessThan(0.0, min([9, ...$xs]));
        self::assertGreaterThanOrEqual($body - 1e-6, max([0, ...$xs]));
        self::assertNull(self::layout()->sliding(10.0), 'nothing moves');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('square-knot-band', ['closure.kind' => 'clasp'] + $changes));
    }
}
