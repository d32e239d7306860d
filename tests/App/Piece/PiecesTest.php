<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;

/**
 * Pieces in the database and what they were before.
 */
final class PiecesTest extends WebCase
{
    public function testEveryChangeCanBeUndoneAndDoneAgain(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        foreach (['One', 'Two', 'Three'] as $name) {
            $pieces->save($stored, $pieces->piece($stored)->renamed($name), '');
        }
        self::assertSame([true, false], $pieces->steps($stored));
        self::assertTrue($pieces->step($stored, -1));
        self::assertTrue($pieces->step($stored, -1));
        self::assertSame('One', $pieces->piece($stored)->name);
        self::assertSame([true, true], $pieces->steps($stored));
        self::assertTrue($pieces->step($stored, 1));
        self::assertSame('Two', $pieces->piece($stored)->name);
        $pieces->save($stored, $pieces->piece($stored)->renamed('Other'), '');
        self::assertSame([true, false], $pieces->steps($stored), 'what was undone is gone with a new change');
        self::assertFalse($pieces->step($stored, 1));
        self::assertSame('Other', $pieces->piece($stored)->name);
    }

    public function testGoingOnInOneFieldIsOneChange(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        foreach (['H', 'Ha', 'Har', 'Harb'] as $name) {
            $pieces->save($stored, $pieces->piece($stored)->renamed($name), 'name');
        }
        $pieces->save($stored, $pieces->piece($stored)->withUnit(Unit::Inch), 'unit');
        $pieces->step($stored, -1);
        self::assertSame('Harb', $pieces->piece($stored)->name);
        $pieces->step($stored, -1);
        self::assertSame('Plain band', $pieces->piece($stored)->name);
        self::assertFalse($pieces->step($stored, -1), 'before the first there is nothing');
    }

    public function testTheSameAgainIsNoChange(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        $version = $stored->version();
        $pieces->save($stored, $pieces->piece($stored), '');

        self::assertSame($version, $stored->version());
        self::assertSame([false, false], $pieces->steps($stored));
    }

    public function testOldStatesAreForgotten(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        for ($i = 0; $i < 320; ++$i) {
            $pieces->save($stored, $pieces->piece($stored)->renamed('Band '.$i), '');
        }

        self::assertSame(301, (int) self::number('SELECT COUNT(*) FROM piece_state'));
        self::assertTrue($pieces->step($stored, -1));
    }

    public function testADraftIsKeptBesideThePiece(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        $pieces->keepDraft($stored, ['wearer.girth' => 'abc']);
        $pieces->flush($stored);
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        $again = $pieces->find($stored->id());

        self::assertNotNull($again);
        self::assertSame(['wearer.girth' => 'abc'], $again->draft());
        $pieces->save($again, $pieces->piece($again)->renamed('Read'), '');
        self::assertSame(['wearer.girth' => 'abc'], $again->draft(), 'a change elsewhere does not take it away');
        self::assertSame(['wearer.girth' => 'abc'], $pieces->duplicate($again)->draft(), 'a copy has it too');
    }

    public function testStatesGoWithTheirPiece(): void
    {
        $this->lay();
        self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM piece');

        self::assertSame(0, (int) self::number('SELECT COUNT(*) FROM piece_state'));
    }

    public function testEveryExampleIsKeptAndReadBackEqual(): void
    {
        foreach (Examples::shipped() as $name => $piece) {
            self::assertEquals($piece, $this->pieces()->piece($this->pieces()->add($piece)), $name);
        }
    }

    private function pieces(): Pieces
    {
        return self::getContainer()->get(Pieces::class);
    }

    private static function number(string $query): string
    {
        $value = self::getContainer()->get(Connection::class)->fetchOne($query);

        return is_numeric($value) ? (string) $value : '';
    }
}
