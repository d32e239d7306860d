<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\DBAL\Connection;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Price\TimesTaken;

/**
 * How long pieces took, by what their maker wrote into the log.
 */
final readonly class LoggedTimes implements TimesTaken
{
    public function __construct(private Connection $connection) {}

    public function minutesOf(StoredPiece $piece): ?float
    {
        $minutes = array_values(array_filter($this->connection->fetchFirstColumn(
            "SELECT json_extract(entry.document, '$.minutes') FROM making
                JOIN log_entry entry ON entry.uid = making.log
                WHERE making.piece_id = ? AND making.log <> '' AND json_valid(entry.document)",
            [$piece->id()],
        ), is_numeric(...)));
        sort($minutes);
        $count = \count($minutes);

        return 0 === $count
            ? null
            : ((float) $minutes[intdiv($count - 1, 2)] + (float) $minutes[intdiv($count, 2)]) / 2;
    }
}
