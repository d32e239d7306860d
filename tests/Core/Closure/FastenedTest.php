<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Fastened;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class FastenedTest extends TestCase
{
    public function testUsualPartsAreNamedWithWhatItsMakerNamed(): void
    {
        $usual = self::clasp([]);
        $named = self::clasp(['findings.hook' => ['kind' => 'clasp'], 'closure.findings' => ['hook']]);

        self::assertNotSame([], $usual->parts());
        self::assertContains('hook', array_column($named->parts(), 0));
        self::assertSame(FindingKind::Clasp, $named->findings[0]->kind);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function clasp(array $changes): Fastened
    {
        return Examples::plan(['closure.kind' => 'clasp'] + $changes)->draft->fastened;
    }
}
