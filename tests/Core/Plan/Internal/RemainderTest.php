<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class RemainderTest extends TestCase
{
    public function testALengthThatIsNotReachedSaysOnWhichSide(): void
    {
        $check = Examples::check(Examples::plan([
            'length' => '30 cm', 'pattern' => '20 square', 'closure.kind' => 'clasp',
        ]), 'length-not-reached');

        self::assertSame(Severity::Stop, $check?->severity);
        self::assertSame('short', $check->values['side'] ?? null);
    }

    public function testOneThatIsReachedSaysNothing(): void
    {
        self::assertNull(
            Examples::check(Examples::plan(['length' => '18 cm', 'closure.kind' => 'clasp']), 'length-not-reached'),
        );
    }
}
