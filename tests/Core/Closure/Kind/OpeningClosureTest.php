<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Kind\OpeningClosure;
use Rinkel\Core\Closure\KnownClosures;

final class OpeningClosureTest extends TestCase
{
    public function testWhatItsKindsShare(): void
    {
        $kinds = array_filter(
            array_map(KnownClosures::all()->named(...), KnownClosures::all()->ids()),
            static fn (?ClosureKind $kind): bool => $kind instanceof OpeningClosure,
        );

        self::assertGreaterThan(1, \count($kinds));
        foreach ($kinds as $kind) {
            self::assertSame(
                [false, true, false],
                [$kind?->slides(), $kind?->opensFully(), $kind?->passesShut()],
                (string) $kind?->id(),
            );
        }
    }
}
