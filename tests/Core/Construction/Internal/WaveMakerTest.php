<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class WaveMakerTest extends MakerCase
{
    public function testAnArmIsAsLongAsItsHeadsAndRounds(): void
    {
        $four = self::element(ElementKind::Wave);
        $eight = self::element(ElementKind::Wave, ['pattern' => '(1 square, wave 8 round / seed, 1 square) x fit']);

        self::assertEqualsWithDelta(2.0, self::straight($eight, 'core') / self::straight($four, 'core'), 0.1);
        self::assertCount(2 * \count($four->beside), $eight->beside);
        self::assertLessThan(self::straight($four, 'core'), $four->extent->length->millimetres, 'it waves');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('wave-band', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
