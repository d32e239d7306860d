<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\End;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class CordLoopTest extends TestCase
{
    public function testItLetsThroughWhatIsAtTheOtherEnd(): void
    {
        $small = self::flat(['findings.shell' => ['kind' => 'button', 'length' => '8 mm', 'width' => '3 mm']]);
        $large = self::flat(['findings.shell' => ['kind' => 'button', 'length' => '16 mm', 'width' => '3 mm']]);

        self::assertGreaterThan($small, $large);
    }

    public function testOneThatIsTooSmallForItIsRefused(): void
    {
        $plan = static fn (string $flat): Plan => self::looped(['closure.tail' => $flat]);

        self::assertSame(Severity::Stop, Examples::check($plan('5 mm'), 'loop-too-small')?->severity);
        self::assertNull(Examples::check($plan('25 mm'), 'loop-too-small'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function flat(array $changes): float
    {
        return self::looped($changes)->draft->fastened->span->narrow->millimetres;
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function looped(array $changes): Plan
    {
        return Examples::plan([
            'closure.kind' => 'two-ends', 'closure.start' => 'loop', 'closure.finish' => 'button',
        ] + $changes);
    }
}
