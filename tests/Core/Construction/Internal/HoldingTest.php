<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class HoldingTest extends TestCase
{
    public function testFoldedCoresComeInPairs(): void
    {
        $check = Examples::check(Examples::plan([
            'cords.core.count' => 3, 'cords.core.run' => 'folded', 'closure.kind' => 'button-loop',
        ]), 'odd-core-folds');

        self::assertSame(4, $check?->values['even'] ?? null);
        self::assertSame('cords.core.count', $check->remedy?->path);
    }

    public function testAFoldHasNoEndToSlideOn(): void
    {
        self::assertSame(Severity::Stop, Examples::check(
            Examples::plan(['cords.core.run' => 'folded']),
            'folded-has-no-end',
        )?->severity);
    }

    public function testTheRingInTheMiddleHasToTakeAllFolds(): void
    {
        $plan = static fn (string $inside): Plan => Examples::plan([
            'findings.ring' => ['kind' => 'connector', 'length' => '20 mm', 'width' => '20 mm', 'inside' => $inside],
            'pattern' => '1 square x fit, focal ring, mirror',
        ]);

        self::assertNotNull(Examples::check($plan('1.2 mm'), 'connector-too-narrow'));
        self::assertNull(Examples::check($plan('14 mm'), 'connector-too-narrow'));
    }
}
