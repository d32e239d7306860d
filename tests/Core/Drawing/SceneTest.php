<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class SceneTest extends TestCase
{
    public function testWhatIsFewIsDrawnWhole(): void
    {
        $scene = $this->scene('square-knot-band', []);

        self::assertSame($scene, $scene->thinned(100_000));
    }

    /**
     * Of too many marks those at both ends are drawn, as many on either side, and it is told where the others are.
     */
    public function testOfTooManyTheEndsAreDrawn(): void
    {
        foreach ([
            ['square-knot-band', ['pattern' => '1000 square']],
            [
                'strung-beads',
                ['pattern' => '1 bead a x 900', 'beads' => ['a' => ['diameter' => '3 mm']], 'length' => null],
            ],
        ] as [$construction, $changes]) {
            $whole = $this->scene($construction, $changes);
            $thinned = $whole->thinned(200);
            self::assertGreaterThan(800, self::marks($whole));
            self::assertLessThanOrEqual(240, self::marks($thinned));
            self::assertGreaterThan(150, self::marks($thinned));
            self::assertNotNull($thinned->frame->omitted);
            [$from, $to] = $thinned->frame->omitted;
            self::assertEqualsWithDelta($whole->frame->right - $to, $from - $whole->frame->left, ($to - $from) / 5);
            self::assertSame(
                [$whole->frame->left, $whole->frame->right],
                [$thinned->frame->left, $thinned->frame->right],
                'the tape stays',
            );
            foreach ([...$thinned->placed, ...$thinned->beads] as $one) {
                $step = $one instanceof Placed ? $one->motif->length * $one->pose->scale : 5.0;
                self::assertTrue(
                    $one->end() <= $from + $step || ($one instanceof Placed ? $one->pose->x : $one->x) >= $to - $step,
                );
            }
        }
    }

    /**
     * @param array<string, mixed> $changes
     */
    private function scene(string $construction, array $changes): Scene
    {
        return (new Layout(Examples::planOf($construction, $changes)))->flat();
    }

    private static function marks(Scene $scene): int
    {
        return \count($scene->beads) + array_sum(
            array_map(static fn (Placed $placed): int => $placed->count, $scene->placed),
        );
    }
}
