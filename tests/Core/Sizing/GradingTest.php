<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Sizing\Grading;

final class GradingTest extends TestCase
{
    /**
     * @param list<int> $counts
     */
    #[TestWith(['(1 bead dot, 3 square) x fit, 1 square x fit', [4, 20], '(1 bead dot, 3 square) x 4, 1 square x fit'])]
    #[TestWith(['(1 bead dot, 3 square) x fit', [4], '1 square x fit, (1 bead dot, 3 square) x 4, 1 square x fit'])]
    #[TestWith(['(1 bead dot, gap 4 mm) x fit', [4], 'gap fit, (1 bead dot, gap 4 mm) x 4, gap fit'])]
    #[TestWith(['(1 bead dot, 3 square) x fit, gap fit', [0], '(1 bead dot, 3 square) x 1, gap fit'])]
    #[TestWith(['((1 bead dot) x fit, 2 square) x 2, 6 square fill', [3], '((1 bead dot) x 3, 2 square) x 2, 6 square fill'])]
    #[TestWith(['(1 bead a, 3 square) x fit, mirror', [4], '1 square x fit, (1 bead a, 3 square) x 4, mirror'])]
    #[TestWith(['4 square, 1 bead dot', [], '1 square x fit, 4 square, 1 bead dot, 1 square x fit'])]
    public function testRepeatsStayAndPlainKnotsTakeTheRest(string $pattern, array $counts, string $graded): void
    {
        $read = static fn (string $text): string => (string) Pattern::parse($text, Unit::Millimetre);

        self::assertSame($read($graded), (string) Grading::of(Pattern::parse($pattern, Unit::Millimetre), $counts));
    }
}
