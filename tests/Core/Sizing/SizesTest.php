<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Sizes;
use Rinkel\Tests\Core\Examples;

final class SizesTest extends TestCase
{
    public function testEachSizeIsPlannedAsIfItWereAlone(): void
    {
        $sizes = self::sizes(['pattern' => '1 square x fit']);

        self::assertCount(3, $sizes->all);
        self::assertSame([], $sizes->refused);
        foreach ($sizes->all as $sized) {
            self::assertEquals(
                (new Planner())->plan($sized->size->wish)->draft->setting->counts,
                $sized->plan->draft->setting->counts,
            );
        }
    }

    public function testGradedTheyHaveTheSameRepeats(): void
    {
        $changes = ['pattern' => '2 square, (3 half left, 3 half right) x fit, 2 square', 'closure.kind' => 'clasp'];
        $free = self::sizes($changes);
        $graded = self::sizes($changes, true);

        self::assertTrue($graded->isGraded);
        self::assertNotSame(
            $free->all[0]->plan->draft->setting->counts[0],
            $free->all[2]->plan->draft->setting->counts[0],
        );
        self::assertEqualsWithDelta(0.0, Sizes::off($free->all[0])->millimetres, 10.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function sizes(array $changes, bool $isGraded = false): Sizes
    {
        $girths = array_map(Length::ofMillimetres(...), [150, 170, 190]);

        return Sizes::of(new Planner(), Examples::piece($changes), new Girths($girths), $isGraded);
    }
}
