<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Svg\LevelLines;
use Rinkel\Core\Svg\ScenePainter;
use Rinkel\Tests\Core\Examples;

final class LevelLinesTest extends TestCase
{
    public function testALongRunIsWrittenOnceAndCopied(): void
    {
        $runs = array_values(array_filter(
            (new Layout(Examples::plan()))->flat()->placed,
            static fn (Placed $placed): bool => $placed->count > 50,
        ));
        self::assertNotSame([], $runs);
        $svg = (new ScenePainter('a'))->paint((new Layout(Examples::plan()))->flat());

        self::assertStringContainsString('data-knots="57"', $svg);
        self::assertLessThan(57, substr_count($svg, '<path'), 'not a path for each');
    }

    public function testOnlyWhatIsAlikeIsDrawnTogether(): void
    {
        [$run] = (new Layout(Examples::plan()))->flat()->placed;
        $other = new Placed($run->motif, $run->pose, Colour::parse('#fedcba'), $run->role);

        self::assertNotSame(LevelLines::key($run), LevelLines::key($other), 'of another colour');
        self::assertStringStartsWith('#fedcba ', LevelLines::key($other));
    }
}
