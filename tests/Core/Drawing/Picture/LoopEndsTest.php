<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class LoopEndsTest extends TestCase
{
    public function testALoopAtOneEndAButtonAtTheOther(): void
    {
        $scene = self::layout()->flat();

        self::assertContains(FindingKind::Button, array_map(
            static fn (DrawnFinding $finding): FindingKind => $finding->finding->kind,
            $scene->findings,
        ));
        self::assertGreaterThan(
            \count($scene->cords),
            \count(self::layout(['closure' => ['kind' => 'button-loop', 'loops' => 3]])->flat()->cords),
            'each further size is drawn',
        );
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('square-knot-band', ['closure.kind' => 'button-loop'] + $changes));
    }
}
