<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class UnlikeEndsTest extends TestCase
{
    public function testEachEndIsDrawnAsItIs(): void
    {
        $kinds = static fn (string $start, string $finish): array => array_map(
            static fn (DrawnFinding $finding): FindingKind => $finding->finding->kind,
            self::layout(
                ['closure' => ['kind' => 'two-ends', 'start' => $start, 'finish' => $finish]],
            )->flat()->findings,
        );

        self::assertContains(FindingKind::Button, $kinds('loop', 'button'));
        self::assertContains(FindingKind::Clasp, $kinds('loop', 'findings'));
        self::assertSame([], $kinds('loop', 'ties'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('square-knot-band', ['closure.kind' => 'two-ends'] + $changes));
    }
}
