<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Remark\Severity;

/**
 * How a piece stands, as the Table says it: what its maker does next.
 */
enum PieceStatus: string
{
    case Broken = 'broken';
    case Draft = 'draft';
    case Stop = 'stop';
    case Warn = 'warn';
    case Cut = 'cut';

    /**
     * @param PieceSummary|null $summary null when it cannot be planned
     */
    public static function of(StoredPiece $stored, ?PieceSummary $summary): self
    {
        return match (true) {
            null === $summary => self::Broken,
            [] !== $stored->draft() => self::Draft,
            Severity::Stop === $summary->worst => self::Stop,
            Severity::Warn === $summary->worst => self::Warn,
            default => self::Cut,
        };
    }
}
