<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\People;

use PHPUnit\Framework\TestCase;
use Rinkel\App\People\Measure;
use Rinkel\App\People\Person;

final class MeasureTest extends TestCase
{
    public function testWhatCannotBeReadIsNotMeasured(): void
    {
        $measure = self::measured(['wrist' => '165 mm', 'hand' => 'long']);

        self::assertSame(165.0, $measure->length('wrist')?->millimetres);
        self::assertNull($measure->length('hand'));
        self::assertNull($measure->length('neck'));
        self::assertFalse($measure->isSound());
        self::assertTrue(self::measured(['wrist' => '165 mm'])->isSound());
    }

    /**
     * @param array<string, string> $lengths
     */
    private static function measured(array $lengths): Measure
    {
        return new Measure(self::createStub(Person::class), new \DateTimeImmutable('2026-03-01'), $lengths, 'snug');
    }
}
