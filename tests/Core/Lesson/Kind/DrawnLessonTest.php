<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Lesson\Kind\DrawnLesson;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\FigureEight;

final class DrawnLessonTest extends TestCase
{
    public function testTheEndIsLedFromOneCrossingToTheNextAndPulled(): void
    {
        $knot = FigureEight::knot();
        $lesson = (new DrawnLesson($knot->word(), $knot->way))->lesson();
        $said = array_map(static fn ($frame): ?string => $frame->says, $lesson->frames);

        self::assertSame(['own.under', 'own.over', 'own.under', 'own.over', 'own.pull'], $said);
        $before = 0.0;
        foreach (\array_slice($lesson->frames, 0, -1) as $i => $frame) {
            $reached = $frame->reached['cord'] ?? 0.0;
            self::assertGreaterThan($before, $reached);
            self::assertEqualsWithDelta($reached, $lesson->courses($i)['cord']->length(), 1e-6);
            $before = $reached;
        }
        self::assertLessThan($lesson->open[0]->length(), $before);
        self::assertCount(2, $lesson->frames[4]->pulls ?? []);
        self::assertSame($said, array_map(static fn ($frame): ?string => $frame->says, $lesson->mirrored()->frames));
    }

    public function testThePieceThatTiesItTeachesIt(): void
    {
        $plan = (new Planner())->plan((new PieceReader())->read(FigureEight::piece()));
        $lessons = Lessons::forPiece($plan->draft->piece);

        self::assertContains('figure eight', $lessons->taught($plan->acts()->all));
        self::assertSame('figure eight', $lessons->named('figure eight')?->id);
        self::assertNull(Lessons::all()->named('figure eight'));
    }

    public function testTheTightKnotIsDrawnAsItWasPulled(): void
    {
        $knot = FigureEight::knot();
        $tight = DrawnLesson::tight($knot->word(), $knot->pulled);

        self::assertCount(\count($knot->pulled->way), $tight->open[0]->points);
        self::assertEqualsWithDelta($knot->pulled->way[0][2], $tight->open[0]->points[0]->x, 1e-9);
        self::assertGreaterThan(2, \count(array_unique($tight->open[0]->levels)), 'it goes up and down');
    }
}
