<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class SlideBeadEndsTest extends TestCase
{
    public function testTheBeadIsDrawnWithBothTails(): void
    {
        $scene = self::layout()->sliding(20.0);
        self::assertNotNull($scene);

        self::assertContains(FindingKind::SlideBead, array_map(
            static fn (DrawnFinding $finding): FindingKind => $finding->finding->kind,
            $scene->findings,
        ));
        self::assertSame([], self::layout()->flat()->findings, 'laid flat it is not yet on');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(
            Examples::planOf(
                'square-knot-band',
                [
                    'closure.kind' => 'slide-bead', 'findings.slide' => ['kind' => 'slide-bead'],
                    'closure.findings' => ['slide'],
                ] + $changes,
            ),
        );
    }
}
