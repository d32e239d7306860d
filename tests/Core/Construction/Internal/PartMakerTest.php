<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\Core\Examples;

final class PartMakerTest extends TestCase
{
    public function testABeadIsAsLongAsItsHoleAndCarriesItsName(): void
    {
        $bead = self::element(ElementKind::Bead, [
            'beads.dot' => ['shape' => 'round', 'diameter' => '7 mm', 'hole' => '1.5 mm'],
            'pattern' => '3 bead dot',
        ]);

        self::assertSame('dot', $bead->name);
        self::assertSame(7.0, $bead->extent->length->millimetres);
    }

    public function testWhatIsNotThereIsSaidAtItsPlace(): void
    {
        $this->expectException(PieceUnreadable::class);
        $this->expectExceptionMessage('pattern');
        Examples::planOf('strung-beads', ['pattern' => '3 bead nowhere']);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('strung-beads', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
