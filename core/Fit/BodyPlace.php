<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * Where on the body a piece is worn.
 */
enum BodyPlace: string
{
    case Wrist = 'wrist';
    case Ankle = 'ankle';
    case Neck = 'neck';

    /**
     * Returns what an opened piece has to pass on its way there: hand, heel or head.
     */
    public function passing(): string
    {
        return match ($this) {
            self::Wrist => 'hand',
            self::Ankle => 'heel',
            self::Neck => 'head',
        };
    }
}
