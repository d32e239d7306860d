<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\EndInHand;
use Rinkel\Core\Rehearsal\EndState;
use Rinkel\Core\Rehearsal\Rehearsal;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;

final class RehearsalTest extends TestCase
{
    /**
     * From the first move to the last one choice is right, and it is the move that the acts have there.
     */
    #[DataProvider('providePlans')]
    public function testWhoChoosesWhatIsRightMakesThePiece(Plan $plan): void
    {
        $rehearsal = new Rehearsal($plan);
        for ($moves = 0; $moves < $rehearsal->acts->moves; ++$moves) {
            $choices = $rehearsal->choices($moves);
            $right = array_values(array_filter($choices, static fn (Attempt $one): bool => $one->isRight()));
            [$number, $done] = $rehearsal->acts->at($moves);
            self::assertCount(1, $right, 'after '.$moves);
            self::assertSame($rehearsal->acts->all[$number], $right[0]->act);
            self::assertSame($rehearsal->acts->all[$number]->stint->move($done), $right[0]->move);
            self::assertLessThanOrEqual(4, \count($choices));
            $keys = array_map(static fn (Attempt $one): string => $one->key(), $choices);
            self::assertSame($keys, array_values(array_unique($keys)));
            $sides = array_values(array_filter(array_map(
                static fn (Attempt $one): ?Side => $one->move->side,
                $choices,
            )));
            self::assertNotSame([Side::Right, Side::Left], $sides, 'left is on the left');
        }
        self::assertSame([], $rehearsal->choices($rehearsal->acts->moves));
    }

    /**
     * What an end has left at last is what it had, less all that the sheet takes of it; nothing is taken of what is not
     * there, and nothing comes back.
     */
    #[DataProvider('providePlans')]
    public function testEndsBecomeShorterByWhatTheSheetTakes(Plan $plan): void
    {
        $rehearsal = new Rehearsal($plan);
        $taken = [];
        foreach ($rehearsal->acts->all as $act) {
            foreach ($act->stint->takes as $spent) {
                $taken[$spent->end->id] = ($taken[$spent->end->id] ?? 0.0) + $spent->total();
            }
        }
        $before = [];
        for ($moves = 0; $moves <= $rehearsal->acts->moves; ++$moves) {
            foreach ($rehearsal->ends($moves) as $one) {
                $left = $one->left->millimetres;
                self::assertLessThanOrEqual(($before[$one->end->id] ?? $one->of->millimetres) + 1e-6, $left);
                $before[$one->end->id] = $left;
            }
        }
        foreach ($rehearsal->ends($rehearsal->acts->moves) as $one) {
            if (EndState::Free === $one->state) {
                self::assertEqualsWithDelta(
                    max(0.0, $one->of->millimetres - ($taken[$one->end->id] ?? 0.0)),
                    $one->left->millimetres,
                    1e-6,
                );
            }
        }
        $cut = array_merge(...array_map(static fn ($cord): array => $cord->ends(), $plan->sheet->cords));
        self::assertCount(\count($cut), $rehearsal->ends($rehearsal->acts->moves), 'no cord is forgotten');
        self::assertSame([], $rehearsal->ends(0), 'nothing is cut yet');
    }

    /**
     * One knot of several is said as one; cords that are cut alike, and a knot that is tied by itself, as their act.
     */
    public function testWhatIsOneOfMany(): void
    {
        $rehearsal = new Rehearsal(self::planned(Examples::document(['closure' => ['kind' => 'button-loop']])));
        foreach ($rehearsal->acts->all as $number => $act) {
            $right = array_values(array_filter(
                $rehearsal->choices($rehearsal->acts->before($number)),
                static fn (Attempt $one): bool => $one->isRight(),
            ))[0];
            $isMany = \in_array($act->does, [ActKind::Tie, ActKind::Wind], true) && $act->stint->count > 1;
            self::assertSame($isMany, $right->isOneOfMany(), $act->said->key.' '.$act->stint->count);
        }
    }

    /**
     * Two ends of a working cord are held left and right while they tie, and by nobody before they are there.
     */
    public function testEachHandHasAnEnd(): void
    {
        $rehearsal = new Rehearsal(self::planned(Examples::document()));
        $tie = self::first($rehearsal, ActKind::Tie);
        $hands = [];
        foreach ($rehearsal->ends($tie) as $one) {
            $hands[$one->end->cord->role][] = $one->hand;
        }
        self::assertSame([Side::Left, Side::Right], $hands['working']);
        self::assertSame([null, null, null, null], $hands['core'], 'held by the board');
    }

    /**
     * Glue is wet until it was waited for; what is trimmed has what the sheet leaves.
     */
    public function testWhatBecomesOfEnds(): void
    {
        $rehearsal = new Rehearsal(self::planned(Examples::document([
            'habits.melting' => 'glue', 'closure' => ['kind' => 'button-loop'], 'cords.core.fibre' => 'hemp',
            'cords.working.fibre' => 'hemp',
        ])));
        $wait = self::first($rehearsal, ActKind::Wait);
        $states = static fn (int $moves): array => array_count_values(array_map(
            static fn (EndInHand $one): string => $one->state->value,
            $rehearsal->ends($moves),
        ));
        self::assertGreaterThan(0, $states($wait)['wet'] ?? 0);
        self::assertSame(0, $states($wait + 1)['wet'] ?? 0);
        foreach ($rehearsal->acts->all as $number => $act) {
            foreach (ActKind::Trim === $act->does ? $act->care->ends : [] as $end) {
                $after = $rehearsal->ends($rehearsal->acts->before($number + 1));
                $left = array_column(array_map(
                    static fn (EndInHand $one): array => [$one->end->id, $one->left->millimetres],
                    $after,
                ), 1, 0);
                self::assertSame($act->spot->sizes['leaves']->millimetres, $left[$end->id]);
            }
        }
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function providePlans(): iterable
    {
        foreach (TenEvenings::evenings() as $number => $evening) {
            yield 'evening '.$number => [self::planned($evening->design + [
                'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Piece',
                'wearer' => ['girth' => '16 cm'],
            ])];
        }
        foreach (['weir-gate', 'kelp', 'awning', 'loggia', 'mooring', 'rockpool', 'ivo', 'twin-dune'] as $name) {
            yield $name => [self::planned(json_decode(
                (string) file_get_contents(\dirname(__DIR__, 3).'/demo/pieces/'.$name.'.json'),
                true,
                flags: \JSON_THROW_ON_ERROR,
            ))];
        }
    }

    private static function planned(mixed $document): Plan
    {
        \assert(\is_array($document));

        return (new Planner())->plan((new PieceReader())->read($document));
    }

    private static function first(Rehearsal $rehearsal, ActKind $does): int
    {
        foreach ($rehearsal->acts->all as $number => $act) {
            if ($does === $act->does) {
                return $rehearsal->acts->before($number);
            }
        }

        self::fail('Nothing of that kind is done.');
    }
}
