<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\WrittenLength;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Step;
use Rinkel\Tests\Core\Examples;

/**
 * The numbers in a derivation must lead to the figure they explain.
 */
final class DerivationTest extends TestCase
{
    #[DataProvider('providePlans')]
    public function testTheStepsOfABodyAddUpToIt(Plan $plan): void
    {
        $sum = 0.0;
        foreach ($plan->figures()['body']->steps as $step) {
            $sum += \in_array(
                $step->key,
                ['body-knots', 'body-beads', 'body-gaps'],
                true,
            ) ? self::length($step, 'together') : 0.0;
        }
        self::assertEqualsWithDelta($plan->draft->body()->millimetres, $sum, 1e-3, 'each kind times its count');
    }

    #[DataProvider('providePlans')]
    public function testTheStepsOfACutAddUpToIt(Plan $plan): void
    {
        foreach ($plan->cuts as $cut) {
            $figure = $plan->figures()['cut-'.$cut->role];
            self::assertEqualsWithDelta(
                $cut->length->millimetres,
                array_sum(array_map(static fn (Step $step): float => self::length($step, 'length'), $figure->steps)),
                1e-6,
                $cut->role,
            );
        }
    }

    /**
     * A string on a bust hangs in a drop: laid round, it is longer inside than it is along.
     */
    public function testNoLengthIsLessThanNothing(): void
    {
        $plans = [Examples::planOf('strung-beads', [
            'wearer' => ['girth' => '34 cm', 'place' => 'neck'],
            'length' => '60 cm',
        ])];
        foreach (Examples::shipped() as $piece) {
            $plans[] = (new Planner())->plan($piece);
        }
        foreach ($plans as $plan) {
            foreach ($plan->figures() as $figure) {
                foreach ($figure->steps as $step) {
                    foreach ($step->values as $name => $value) {
                        self::assertFalse($value instanceof Length && $value->millimetres < 0.0, $step->key.' '.$name);
                    }
                }
            }
        }
    }

    #[DataProvider('providePlans')]
    public function testInsideIsBodyAndClosureLessTheBend(Plan $plan): void
    {
        foreach (['closed', 'open'] as $key) {
            $step = $plan->figures()[$key]->steps[0];
            self::assertGreaterThanOrEqual(
                0.0,
                self::length($step, 'bend'),
                'what is added is not taken off less than 0',
            );
            $bend = self::length($step, 'bend') * ('out' === $step->values['bends'] ? -1 : 1);
            self::assertEqualsWithDelta(
                self::length($step, 'body') + self::length($step, 'gap') - $bend,
                self::length($step, 'inside'),
                1e-6,
                $key,
            );
            self::assertSame($plan->figures()[$key]->value, $step->values['inside']);
        }
        $ring = $plan->draft->ring;
        self::assertEqualsWithDelta(
            \M_PI * $ring->profile->thin->millimetres + $ring->lift($plan->draft->closed())->millimetres,
            self::length($plan->figures()['closed']->steps[0], 'bend'),
            1e-6,
        );
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function providePlans(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [Examples::planOf($id)];
        }
        yield 'gaps of several lengths' => [
            Examples::planOf(
                'spaced-knots',
                ['pattern' => '1 barrel 3, gap 20 mm, 1 barrel 4, gap 5 mm, 1 barrel 3, gap fit'],
            ),
        ];
        yield 'waves of several lengths' => [
            Examples::planOf(
                'wave-band',
                ['pattern' => '2 square, wave 3 round / seed, 2 square, wave 5 round / seed, 2 square'],
            ),
        ];
    }

    public function testASliderSaysItsTailBothWays(): void
    {
        $plan = Examples::plan();
        [$length, $tail] = $plan->figures()['tail']->steps;

        self::assertSame(['slider-length', 'slider-tail'], [$length->key, $tail->key]);
        self::assertEqualsWithDelta(
            (self::length($tail, 'gap') + self::length($tail, 'slider')) / 2,
            self::length($tail, 'tail'),
            1e-9,
        );
        $chosen = Examples::plan(['closure.tail' => '4 cm'])->figures()['tail']->steps;
        self::assertSame('tail-chosen', $chosen[1]->key);
        self::assertEqualsWithDelta(40, self::length($chosen[1], 'tail'), 1e-9);
    }

    public function testWrapsAndSpreadAreToldWhereThereAreAny(): void
    {
        $keys = static fn (Plan $plan, string $figure): array => array_map(
            static fn (Step $step): string => $step->key,
            $plan->figures()[$figure]->steps,
        );

        self::assertContains('wraps', $keys(Examples::plan(['wraps' => 2]), 'wished'));
        self::assertNotContains('wraps', $keys(Examples::plan(), 'wished'));
        self::assertSame(['wished-length'], $keys(Examples::plan(['length' => '18 cm']), 'wished'));
        $filled = Examples::plan(
            [
                'wearer.girth' => '166 mm', 'beads.dot' => ['diameter' => '12 mm', 'hole' => '2.4 mm'],
                'pattern' => '2 square fill, (1 bead dot, 3 square) x fit, 2 square fill',
                'closure' => ['kind' => 'clasp'],
            ],
        );
        self::assertContains('body-filled', $keys($filled, 'body'));
        self::assertNotSame(0, $filled->draft->setting->more);
        self::assertContains('body-broken', $keys(Examples::planOf('stacked-band', ['wearer.girth' => '168 mm']), 'body'));
    }

    public function testOwnSamplesAreNamedAsSuch(): void
    {
        $plan = Examples::plan(['samples.square' => ['pitch' => '3 mm', 'use' => '18 mm']]);
        $knots = array_values(
            array_filter($plan->figures()['body']->steps, static fn (Step $step): bool => 'body-knots' === $step->key),
        )[0];

        self::assertSame('sample', $knots->values['source']);
        self::assertSame(
            '3.00 mm',
            (string) ($knots->values['each'] instanceof WrittenLength ? $knots->values['each'] : ''),
        );
    }

    private static function length(Step $step, string $name): float
    {
        $value = $step->values[$name] ?? null;
        self::assertInstanceOf(Length::class, $value, $step->key.' has '.$name);

        return $value->millimetres;
    }
}
