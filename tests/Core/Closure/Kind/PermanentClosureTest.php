<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Kind\KnottedElastic;
use Rinkel\Core\Closure\Kind\PermanentClosure;
use Rinkel\Core\Closure\KnownClosures;

final class PermanentClosureTest extends TestCase
{
    public function testWhatItsKindsShare(): void
    {
        $kinds = array_filter(
            array_map(KnownClosures::all()->named(...), KnownClosures::all()->ids()),
            static fn (?ClosureKind $kind): bool => $kind instanceof PermanentClosure
                && !$kind instanceof KnottedElastic,
        );

        self::assertGreaterThan(1, \count($kinds));
        foreach ($kinds as $kind) {
            self::assertSame(
                [false, false, true],
                [$kind?->slides(), $kind?->opensFully(), $kind?->passesShut()],
                (string) $kind?->id(),
            );
        }
    }
}
