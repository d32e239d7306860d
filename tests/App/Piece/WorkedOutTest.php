<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Piece\PendingEdit;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Tests\App\WebCase;

/**
 * An edit is worked out while others may change the piece, and kept only over what it was worked out of.
 */
final class WorkedOutTest extends WebCase
{
    public function testNothingIsWrittenBeforeItIsWorkedOut(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        $before = $this->kept();
        $shown = $pieces->workedOut($stored, function (StoredPiece $now) use ($pieces, $before): array {
            $version = $now->version();
            $pieces->save($now, $pieces->piece($now)->renamed('One'), '');
            $pieces->save($now, $pieces->piece($now)->renamed('Two'), '');
            $now->took('act-1');
            self::assertSame([true, false], $pieces->steps($now));
            self::assertTrue($pieces->step($now, -1), 'back to what was worked out a moment ago');
            self::assertSame('One', $pieces->piece($now)->name);
            self::assertSame([true, true], $pieces->steps($now));
            self::assertSame($before, $this->kept());
            self::assertFalse(self::getContainer()->get(Connection::class)->isTransactionActive());

            return [$version, $now->version()];
        });
        $again = $this->fresh($stored);
        self::assertSame([1, 2], $shown);
        self::assertSame(2, $again->version(), 'the page showed the version that it became');
        self::assertSame(2, $again->madeBy('act-1'));
        self::assertSame('One', $this->pieces()->piece($again)->name);
        self::assertTrue($this->pieces()->step($again, 1));
        self::assertSame('Two', $this->pieces()->piece($again)->name);
    }

    public function testWhoWasOvertakenWorksItOutAnew(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay(['name' => 'Band'])];
        $seen = [];
        $also = 0;
        $pieces->workedOut($stored, static function (
            StoredPiece $now,
            PendingEdit $edit,
        ) use ($pieces, &$seen, &$also): void {
            $seen[] = $pieces->piece($now)->name;
            if (1 === \count($seen)) {
                // Another device saves in between.
                self::getContainer()->get(Connection::class)->executeStatement(
                    "UPDATE piece SET version = version + 1, document = REPLACE(document, '\"Band\"', '\"Harbour\"')",
                );
            }
            $pieces->save($now, $pieces->piece($now)->renamed($pieces->piece($now)->name.' two'), '');
            $edit->also(static function () use (&$also): void {
                ++$also;
            });
        });
        self::assertSame(['Band', 'Harbour'], $seen);
        self::assertSame(1, $also, 'what goes with it is done once');
        self::assertSame('Harbour two', $this->pieces()->piece($this->fresh($stored))->name);
    }

    /**
     * Overtaken again and again, it is done while nobody else can.
     */
    public function testWhoIsAlwaysOvertakenHasTheirTurn(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay()];
        $alone = [];
        $pieces->workedOut($stored, static function (StoredPiece $now) use ($pieces, &$alone): void {
            $connection = self::getContainer()->get(Connection::class);
            $alone[] = $connection->isTransactionActive();
            if (!$connection->isTransactionActive()) {
                $connection->executeStatement('UPDATE piece SET version = version + 1');
            }
            $pieces->save($now, $pieces->piece($now)->renamed('At last'), '');
        });
        self::assertSame([false, false, false, true], $alone);
        self::assertSame('At last', $this->pieces()->piece($this->fresh($stored))->name);
    }

    public function testWhatFailsLeavesNothingBehind(): void
    {
        [$pieces, $stored] = [$this->pieces(), $this->lay(['name' => 'Band'])];
        $before = $this->kept();
        try {
            $pieces->workedOut($stored, static function (StoredPiece $now) use ($pieces): never {
                $pieces->save($now, $pieces->piece($now)->renamed('Never'), '');
                throw new \RuntimeException('cannot be shown');
            });
        } catch (\RuntimeException $failure) {
            self::assertSame('cannot be shown', $failure->getMessage());
        }
        self::getContainer()->get(EntityManagerInterface::class)->flush();
        self::assertSame($before, $this->kept());
        self::assertSame('Band', $this->pieces()->piece($this->fresh($stored))->name);
    }

    private function pieces(): Pieces
    {
        return self::getContainer()->get(Pieces::class);
    }

    private function fresh(StoredPiece $stored): StoredPiece
    {
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        $again = $this->pieces()->find($stored->id());
        self::assertNotNull($again);

        return $again;
    }

    /**
     * @return array<mixed> what the database has of pieces
     */
    private function kept(): array
    {
        $connection = self::getContainer()->get(Connection::class);

        return [
            $connection->fetchAllAssociative('SELECT version, state, document, acts FROM piece'),
            $connection->fetchAllAssociative('SELECT number, document FROM piece_state ORDER BY number'),
        ];
    }
}
