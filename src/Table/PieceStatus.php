<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Plan\Plan;
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
     * @param Plan|null $plan null when none can be made
     */
    public static function of(StoredPiece $stored, ?Plan $plan): self
    {
        return match (true) {
            null === $plan => self::Broken,
            [] !== $stored->draft() => self::Draft,
            Severity::Stop === $plan->worst() => self::Stop,
            Severity::Warn === $plan->worst() => self::Warn,
            default => self::Cut,
        };
    }
}
