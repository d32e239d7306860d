<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Health;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Health\HealthFinding;

final class HealthFindingTest extends TestCase
{
    public function testAFindingIsFineOrWantsALookOrIsBad(): void
    {
        $told = static fn (HealthFinding $one): array => [$one->what, $one->isFine, $one->isBad, $one->says];

        self::assertSame(['disk', true, false, '3 GB'], $told(HealthFinding::fine('disk', '3 GB')));
        self::assertSame(['disk', false, false, '300 MB'], $told(HealthFinding::look('disk', '300 MB')));
        self::assertSame(['disk', false, true, '0 MB'], $told(HealthFinding::bad('disk', '0 MB')));
    }
}
