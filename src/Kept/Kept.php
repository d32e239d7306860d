<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * One kind of thing that a maker keeps in Rinkel, and the one door it has: it is read back before it is kept and
 * whenever it is fetched, put in files, brought in from them, deleted and had back.
 *
 * A row is a thing as plain data, in the open format as far as it has one, its uid first: that is what an archive
 * holds of it. A second archive, made where the first was read, is the same byte by byte.
 */
#[AutoconfigureTag]
interface Kept
{
    /**
     * Returns its word: its name on pages stands under "data.<word>".
     */
    public function word(): string;

    /**
     * Returns the folder of an archive in which its rows stand, each a file called by its uid.
     */
    public function folder(): string;

    /**
     * Returns the route of the page on which they are looked at.
     */
    public function page(): string;

    /**
     * Returns its place among the others when all are brought in: what hangs on something comes after it.
     */
    public function rank(): int;

    /**
     * @return list<class-string> what it keeps in the database, the thing itself first
     */
    public function stores(): array;

    /**
     * @return iterable<string> of all there are, in the order in which they came
     */
    public function uids(): iterable;

    public function find(string $uid): ?object;

    /**
     * @return array<string, mixed>
     */
    public function row(object $stored): array;

    /**
     * Reads what is about to be kept as it will be read back.
     *
     * @throws PieceUnreadable If it could not be
     */
    public function check(object $stored): void;

    /**
     * Reads a row from elsewhere.
     *
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If anything of it is missing, of the wrong kind or out of its range
     */
    public function read(array $row): Row;

    /**
     * Adds a thing as its row says it, or makes the one that is here like it; whoever calls it flushes.
     *
     * @param bool $isNew whether it is known that none is here
     */
    public function bring(Row $row, bool $isNew = false): void;

    /**
     * Deletes a thing with all that hangs on it.
     */
    public function remove(object $stored): void;
}
