<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Choice;
use Rinkel\Core\Line\FitSolver;
use Rinkel\Core\Line\Line;
use Rinkel\Tests\Core\Examples;

final class FitSolverTest extends TestCase
{
    public function testTheNearestCountIsBest(): void
    {
        $solver = new FitSolver(self::line('4 mm'));

        self::assertSame([25], $solver->best(100.0, 200.0, []));
        self::assertSame([25], $solver->best(101.9, 200.0, []));
        self::assertSame([26], $solver->best(102.1, 200.0, []));
        self::assertEqualsWithDelta(104.0, $solver->length([26]), 1e-9);
    }

    public function testNothingIsLongerThanMayBe(): void
    {
        self::assertSame([25], (new FitSolver(self::line('4 mm')))->best(103.9, 103.0, []));
    }

    public function testNoMoreBeadsThanThereAreIn(): void
    {
        $solver = new FitSolver(self::line('4 mm'));

        self::assertSame([20], $solver->best(100.0, 200.0, ['dot' => 20]));
        self::assertSame(['dot' => 20], $solver->beads([20]));
        self::assertFalse($solver->isCapped([20]));
        self::assertTrue($solver->isCapped([FitSolver::MOST]));
    }

    public function testNeighboursAreASingleFitOneAndTwoEitherWay(): void
    {
        self::assertSame(
            [[23], [24], [26], [27]],
            array_map(
                static fn (Choice $choice): array => $choice->counts,
                (new FitSolver(self::line('4 mm')))->neighbours([25]),
            ),
        );
        self::assertCount(2, (new FitSolver(self::line('4 mm')))->neighbours([0]), 'none below nothing');
    }

    private static function line(string $bead): Line
    {
        $draft = Examples::planOf('strung-beads', [
            'beads.dot' => ['shape' => 'round', 'diameter' => $bead, 'hole' => '1.5 mm'],
            'pattern' => 'bead dot x fit',
        ])->draft;

        return $draft->line;
    }
}
