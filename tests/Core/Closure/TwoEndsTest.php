<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Tests\Core\Examples;

final class TwoEndsTest extends TestCase
{
    private const BUTTON = ['coin' => ['kind' => 'button', 'length' => '12 mm', 'width' => '3 mm', 'inside' => '4 mm']];

    /**
     * A loop and a button said as two ends are the closure of that name.
     */
    public function testLoopAndButtonAreTheSameEitherWay(): void
    {
        $one = self::plan(['closure' => ['kind' => 'button-loop'], 'findings' => self::BUTTON]);
        $two = self::plan([
            'closure' => ['kind' => 'two-ends', 'start' => 'loop', 'finish' => 'button'],
            'findings' => self::BUTTON,
        ]);
        $turned = self::plan([
            'closure' => ['kind' => 'two-ends', 'start' => 'button', 'finish' => 'loop'],
            'findings' => self::BUTTON,
        ]);

        self::assertEqualsWithDelta(
            $one->draft->fastened->span->narrow->millimetres,
            $two->draft->fastened->span->narrow->millimetres,
            1e-9,
        );
        self::assertEquals($one->draft->closed(), $two->draft->closed());
        self::assertEquals(self::cut($one, 'core')->length, self::cut($two, 'core')->length);
        self::assertEquals($two->draft->closed(), $turned->draft->closed(), 'the button end first or last');
        self::assertEquals(self::cut($two, 'core')->length, self::cut($turned, 'core')->length);
    }

    /**
     * Every pair of ends is planned, drawn and closes to what the body and both reaches make; what does not hold is a
     * stop.
     */
    #[DataProvider('provideEnds')]
    public function testEveryPairOfEnds(EndForm $start, EndForm $finish): void
    {
        $plan = self::plan([
            'closure' => [
                'kind' => 'two-ends',
                'start' => $start->value,
                'finish' => $finish->value,
                ...(\in_array(EndForm::Findings, [$start, $finish], true)
                    || \in_array(EndForm::Button, [$start, $finish], true)
                    ? ['findings' => ['hook', 'coin']]
                    : []),
            ],
            'findings' => self::BUTTON + ['hook' => ['kind' => 'hook']],
        ]);
        $loops = [EndForm::Loop, EndForm::KnottedLoop];
        $holds = (int) \in_array($start, $loops, true) + (int) \in_array($finish, $loops, true);
        $alike = $start === $finish && \in_array($start, [EndForm::Ties, EndForm::Findings], true);

        self::assertSame(1 !== $holds && !$alike, \in_array('ends-do-not-hold', self::codes($plan), true));
        self::assertEqualsWithDelta(
            $plan->draft->body()->plus($plan->draft->fastened->span->narrow)->millimetres,
            $plan->draft->ring->laid($plan->draft->closed())->millimetres,
            0.05,
        );
        $scene = (new Layout($plan))->flat();
        self::assertLessThanOrEqual(0.0, $scene->frame->left);
        self::assertGreaterThan($plan->draft->body()->millimetres - 0.01, $scene->frame->right);
    }

    /**
     * @return iterable<string, array{EndForm, EndForm}>
     */
    public static function provideEnds(): iterable
    {
        foreach (EndForm::cases() as $start) {
            foreach (EndForm::cases() as $finish) {
                yield $start->value.' and '.$finish->value => [$start, $finish];
            }
        }
    }

    /**
     * A folded core and a folded working cord in one overhand: four strands are in it, each half of each cord once, and
     * half around the loop.
     */
    public function testALoopOfAllCordsTakesOfAll(): void
    {
        $loop = self::plan([
            'closure' => ['kind' => 'two-ends', 'start' => 'knotted-loop', 'finish' => 'ties'],
            'cords.core.run' => 'folded',
        ]);
        $knot = $loop->draft->book()->in(new Overhand(), $loop->draft->piece->cord('core')->cord, 4);
        $around = 24 + \M_PI * sqrt(2);
        foreach ($loop->sheet->cords as $cord) {
            self::assertEqualsWithDelta(
                $around / 2 + $knot->use->millimetres,
                $cord->a->closure,
                1e-6,
                'core and working cord are folded and tied in it alike',
            );
        }
        self::assertEqualsWithDelta(
            12 + $knot->pitch->millimetres,
            $loop->draft->fastened->span->length?->millimetres,
            1e-9,
            'two finger tips of 24 mm lie 12 mm flat',
        );
    }

    /**
     * Play of 3 mm makes the ring so much longer, and two square knots behind the button cost only working cord.
     */
    public function testPlayAndKnotsBehindAButton(): void
    {
        $closure = ['kind' => 'button-loop'];
        $plain = self::plan(['closure' => $closure, 'findings' => self::BUTTON, 'pattern' => '1 square x 50']);
        $play = self::plan(
            ['closure' => $closure + ['play' => '3 mm'], 'findings' => self::BUTTON, 'pattern' => '1 square x 50'],
        );
        $behind = self::plan(
            ['closure' => $closure + ['behind' => 2], 'findings' => self::BUTTON, 'pattern' => '1 square x 50'],
        );
        $core = $plain->draft->piece->cord('core');
        $square = $plain->draft->book()->around(
            new Square(),
            $core->bundle(),
            $plain->draft->piece->cord('working')->cord,
        );

        self::assertEqualsWithDelta(3.0, $play->draft->closed()->minus($plain->draft->closed())->millimetres, 0.15);
        self::assertEquals($plain->draft->closed(), $behind->draft->closed());
        self::assertEqualsWithDelta(
            2 * 2 * $square->use->millimetres,
            self::bare(self::cut($behind, 'working')) - self::bare(self::cut($plain, 'working')),
            1e-6,
        );
    }

    /**
     * Knotted for good: nothing between the ends, each end once in an overhand of both sides' cords; it has to go over
     * the head.
     */
    public function testKnottedForGood(): void
    {
        $plan = static fn (string $length): Plan => Examples::planOf('strung-beads', [
            'wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'length' => $length,
            'closure' => ['kind' => 'for-good'],
        ]);
        $long = $plan('70 cm');
        $knot = $long->draft->book()->in(new Overhand(), $long->draft->piece->cord('cord')->cord, 2);

        self::assertTrue($long->draft->fastened->span->narrow->isZero());
        self::assertEqualsWithDelta(
            2 * $knot->use->millimetres,
            self::cut($long, 'cord')->part('closure')->millimetres,
            1e-6,
        );
        self::assertNotContains('cannot-pass', self::codes($long));
        self::assertContains('cannot-pass', self::codes($plan('45 cm')));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes): Plan
    {
        return Examples::plan($changes);
    }

    private static function cut(Plan $plan, string $role): Cut
    {
        foreach ($plan->cuts as $cut) {
            if ($role === $cut->role) {
                return $cut;
            }
        }
        self::fail('No '.$role.' is cut.');
    }

    private static function bare(Cut $cut): float
    {
        return $cut->needed()->minus($cut->part('margin'))->millimetres;
    }

    /**
     * @return list<string>
     */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Check $check): string => $check->code, $plan->checks);
    }
}
