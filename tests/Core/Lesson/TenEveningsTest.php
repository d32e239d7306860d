<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Lesson\Effort;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

final class TenEveningsTest extends TestCase
{
    /**
     * Each evening's piece can be made for a child's wrist and a thick one, and nothing has to be put right first.
     */
    public function testEveryPieceCanBeMadeForAnyWrist(): void
    {
        foreach (TenEvenings::evenings() as $number => $evening) {
            self::assertSame($number, $evening->number);
            self::assertArrayHasKey($evening->exercise, Exercises::all());
            foreach (['12 cm', '16 cm', '18.5 cm', '23 cm'] as $girth) {
                $stops = array_filter(
                    self::plan($number, $girth)->checks,
                    static fn (Check $check): bool => Severity::Stop === $check->severity,
                );
                self::assertSame([], $stops, $number.' at '.$girth);
            }
        }
    }

    /**
     * It begins with an overhand and ends with two wraps; no evening but the third brings more than two new knots, and
     * what comes later asks for what came before.
     */
    public function testItGoesOnInSmallSteps(): void
    {
        $known = [];
        foreach (array_keys(TenEvenings::evenings()) as $number) {
            $effort = Effort::of(self::plan($number, '16 cm'));
            $new = array_diff($effort->lessons, $known);
            self::assertLessThanOrEqual(3 === $number ? 3 : 2, \count($new), 'evening '.$number);
            self::assertLessThanOrEqual(60, $effort->about(), 'an evening, beside the knots on a spare end');
            $known = [...$known, ...$new];
        }
        self::assertContains('overhand', Effort::of(self::plan(1, '16 cm'))->lessons);
        self::assertSame(2, self::plan(10, '16 cm')->draft->piece->wraps);
        self::assertCount(10, TenEvenings::evenings());
        self::assertSame([], array_diff(['overhand', 'square', 'half left', 'barrel', 'sliding barrel'], $known));
    }

    private static function plan(int $number, string $girth): Plan
    {
        return (new Planner())->plan((new PieceReader())->read([
            'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Piece',
            'wearer' => ['girth' => $girth],
        ] + TenEvenings::evenings()[$number]->design));
    }
}
