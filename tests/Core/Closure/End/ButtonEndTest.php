<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\End;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class ButtonEndTest extends TestCase
{
    public function testPlayMakesThePieceLongerByAsMuch(): void
    {
        $near = self::body([]);
        $far = self::body(['closure.play' => '4 mm']);

        self::assertEqualsWithDelta(
            4.0,
            $far->draft->fastened->span->narrow->minus($near->draft->fastened->span->narrow)->millimetres,
            1e-9,
        );
    }

    public function testItsButtonIsNamed(): void
    {
        $plan = self::body(['findings.shell' => ['kind' => 'button'], 'closure.findings' => ['shell']]);

        self::assertContains('shell', array_column($plan->draft->fastened->parts(), 0));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function body(array $changes): Plan
    {
        return Examples::plan([
            'closure.kind' => 'two-ends', 'closure.start' => 'loop', 'closure.finish' => 'button',
        ] + $changes);
    }
}
