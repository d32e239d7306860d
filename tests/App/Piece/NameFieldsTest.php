<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\NameFields;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Tests\Core\Examples;

final class NameFieldsTest extends TestCase
{
    public function testABeadIsCalledOtherwiseEverywhere(): void
    {
        $piece = NameFields::taken(['beads.dot.called' => ' Pearl '], self::piece());

        self::assertSame(['star', 'pearl'], array_keys($piece->materials->beads));
        self::assertStringContainsString('pearl', (string) $piece->pattern?->tree);
    }

    public function testANameThatIsTakenIsRefusedAtItsField(): void
    {
        try {
            NameFields::taken(['beads.dot.called' => 'star'], self::piece());
            self::fail('Another bead is called so.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('beads.dot.called', $unreadable->faults[0]->path);
            self::assertSame('name-taken', $unreadable->faults[0]->said->key);
        }
    }

    public function testFieldsThatAreNoPlacesAreTold(): void
    {
        self::assertSame('1.0.2', NameFields::wordAt('word.1.0.2'));
        self::assertNull(NameFields::wordAt('word.x'));
        self::assertSame(['cords', 'working'], NameFields::calledAt('cords.working.called'));
        self::assertNull(NameFields::calledAt('cords.working.colour'));
    }

    private static function piece(): PieceSpec
    {
        return Examples::piece([
            'beads.star' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm'],
            'beads.dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm'],
            'pattern' => '5 square, 1 bead dot, 1 square x fit',
        ]);
    }
}
