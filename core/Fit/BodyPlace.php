<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * Where on the body a piece is worn.
 *
 * @internal
 */
enum BodyPlace: string
{
    case Wrist = 'wrist';
    case Ankle = 'ankle';
    case Neck = 'neck';

    /**
     * Returns the ratio of its width to its height there (a wrist is an oval of about 1.3, a neck and an ankle are about
     * round; judgement).
     */
    public function ratio(): float
    {
        return self::Wrist === $this ? 1.3 : 1.0;
    }

    public function girth(): Measurement
    {
        return Measurement::from($this->value);
    }

    /**
     * Returns what an opened piece has to pass on its way there: hand, heel or head.
     */
    public function passing(): Measurement
    {
        return match ($this) {
            self::Wrist => Measurement::Hand,
            self::Ankle => Measurement::Heel,
            self::Neck => Measurement::Head,
        };
    }
}
