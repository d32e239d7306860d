<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Diagram;

/**
 * @phpstan-type Drawn \Closure(float): array{float, float, float}
 */
final class DiagramTest extends TestCase
{
    /**
     * Jones polynomials by powers of A (t = A⁻⁴), and determinants, as tables of knots give them (from memory).
     *
     * @param non-empty-list<Drawn> $rings
     * @param array<int, int>       $jones
     */
    #[DataProvider('provideRings')]
    public function testWhatIsKnottedHow(array $rings, array $jones, int $determinant): void
    {
        $diagram = Diagram::of(array_map(
            static fn (\Closure $at): array => array_map(
                static fn (int $i): array => $at(2 * \M_PI * $i / 120),
                range(0, 119),
            ),
            $rings,
        ));

        self::assertSame($jones, $diagram->jones());
        self::assertSame($determinant, $diagram->determinant());
    }

    /**
     * @return iterable<string, array{non-empty-list<Drawn>, array<int, int>, int}>
     */
    public static function provideRings(): iterable
    {
        $circle = static fn (float $t): array => [cos($t), sin($t), 0.1 * sin(3 * $t)];
        $trefoil = static fn (int $hand): \Closure => static fn (float $t): array => [
            sin($t) + 2 * sin(2 * $t), cos($t) - 2 * cos(2 * $t), $hand * sin(3 * $t),
        ];
        yield 'a ring' => [[$circle], [0 => 1], 1];
        yield 'two rings apart' => [
            [$circle, static fn (float $t): array => [5 + cos($t), 0.0, sin($t)]], [-2 => -1, 2 => -1], 0,
        ];
        yield 'two rings through each other' => [
            [$circle, static fn (float $t): array => [1 + cos($t), 0.02, sin($t)]], [-10 => -1, -2 => -1], 2,
        ];
        yield 'trefoil' => [[$trefoil(-1)], [-16 => -1, -12 => 1, -4 => 1], 3];
        yield 'trefoil in a mirror' => [[$trefoil(1)], [4 => 1, 12 => 1, 16 => -1], 3];
        yield 'figure eight' => [[static fn (float $t): array => [
            (2 + cos(2 * $t)) * cos(3 * $t), (2 + cos(2 * $t)) * sin(3 * $t), sin(4 * $t),
        ]], [-8 => 1, -4 => -1, 0 => 1, 4 => -1, 8 => 1], 5];
        yield 'five with a twist' => [[static fn (float $t): array => [
            cos(2 * $t + 0.2), cos(3 * $t + 0.7), cos(7 * $t),
        ]], [-24 => -1, -20 => 1, -16 => -1, -12 => 2, -8 => -1, -4 => 1], 7];
    }

    public function testALoopThatIsNoKnotChangesNothing(): void
    {
        $curled = array_map(static function (int $i): array {
            $t = 2 * \M_PI * $i / 120;

            return [cos($t) + 0.7 * cos(2 * $t), sin($t) + 0.7 * sin(2 * $t), 0.3 * sin($t)];
        }, range(0, 119));

        self::assertSame([0 => 1], Diagram::of([$curled])->jones());
    }
}
