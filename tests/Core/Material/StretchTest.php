<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Exception\StretchUnread;
use Rinkel\Core\Material\Stretch;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Tests\Core\Examples;

final class StretchTest extends TestCase
{
    public function testSaidOrTested(): void
    {
        self::assertEqualsWithDelta(0.04, Stretch::parse('4 %')->share, 1e-12);
        self::assertEqualsWithDelta(0.025, Stretch::parse(' 2,5% ')->share, 1e-12);
        self::assertEqualsWithDelta(0.04, Stretch::parse('20 cm to 20.8 cm')->share, 1e-9);
        self::assertEqualsWithDelta(0.05, Stretch::parse('8 in to 8.4 in')->share, 1e-9);
        self::assertEqualsWithDelta(0.04, Stretch::parse((string) Stretch::parse('20 to 20.8'))->share, 1e-9);
    }

    #[DataProvider('provideOther')]
    public function testNothingElseIsRead(string $text): void
    {
        try {
            self::fail((string) Stretch::parse($text));
        } catch (StretchUnread|MeasureFailure) {
            $this->addToAssertionCount(1);
        }
    }

    /**
     * @return iterable<array{string}>
     */
    public static function provideOther(): iterable
    {
        foreach ([
            '', '4', 'a lot', '101 %', '20 cm to 18 cm', '20 cm to 50 cm', '0 cm to 3 cm', '20 cm to none',
        ] as $text) {
            yield [$text];
        }
    }

    /**
     * A butted rope of 18.5 cm inside goes over a hand of 19 cm when it was tested to give 4 %, as its fibre does not.
     */
    public function testARopeThatGivesGoesOverTheHand(): void
    {
        $rope = static fn (string $stretch): Plan => Examples::planOf('rope-knot', [
            'wearer' => ['girth' => '16.5 cm', 'hand' => '19.2 cm'],
            'ease' => '20 mm',
            'closure' => ['kind' => 'butted'],
            'cords' => ['rope' => ['fibre' => 'nylon', 'thickness' => '6 mm', 'count' => 2, 'stretch' => $stretch]],
        ]);
        $codes = static fn (Plan $plan): array => array_map(
            static fn (Check $check): string => $check->code,
            $plan->checks,
        );

        self::assertContains('cannot-pass', $codes($rope('1 %')));
        self::assertNotContains('cannot-pass', $codes($rope('20 cm to 21 cm')));
    }
}
