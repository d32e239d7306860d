<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Acts;

/**
 * What a maker reads on the tape while they work: how long the piece, or its half, has become, and what is left of one
 * end of a cord.
 *
 * @internal
 */
final readonly class TapeReading
{
    /** Beyond so many times what was planned, or below one over it, a length is asked back (judgement). */
    private const ABSURD = 2.5;

    /** A tape is read so much shorter than before without anything having changed, in mm (judgement). */
    private const SHORTER = 3.0;

    /**
     * @param int         $moves  done when it was read
     * @param Length|null $length from where the piece, or the half in hand, begins
     * @param string|null $role   of the cord whose shorter end was measured
     * @param Length|null $left   of that end
     * @param Length|null $added  to that end since, as when a new cord joined in; null while nothing was
     * @param Length|null $begun  how long that end was when it was cut; as the plan in hand cuts it when null
     */
    public function __construct(
        public int $moves,
        public ?Length $length = null,
        public ?string $role = null,
        public ?Length $left = null,
        public ?Length $added = null,
        public ?Length $begun = null,
    ) {}

    /**
     * Returns what the end has by now, null where nobody measured.
     */
    public function has(): ?Length
    {
        return null === $this->added ? $this->left : $this->left?->plus($this->added);
    }

    /**
     * Returns why that cannot be, or null when it can: longer than the cord is, shorter than it was before with more
     * knots tied, or so far off what was planned that another unit must be meant.
     *
     * @param self|null $before what was read last
     */
    public function impossible(Plan $plan, Acts $steps, ?self $before): ?Message
    {
        $worked = Worked::until($plan, $steps, $this->moves);
        $cut = null === $this->role ? null : $worked->cut($this->role);
        $planned = $worked->length();

        return match (true) {
            null !== $this->left && null !== $cut && $this->left->isLongerThan($cut->length) => new Message(
                'reached-longer',
                ['left' => $this->left, 'cut' => $cut->length],
            ),
            null === $this->length => null,
            $planned->isZero() => new Message('reached-nothing', ['length' => $this->length]),
            null !== $before?->length && $this->moves >= $before->moves && $this->length->isShorterThan(
                $before->length->minus(Length::ofMillimetres(self::SHORTER)),
            ) && $worked->isSameHalf($before->moves) => new Message(
                'reached-shorter',
                ['length' => $this->length, 'before' => $before->length],
            ),
            $this->length->ratioTo($planned) > self::ABSURD,
            $this->length->ratioTo($planned) < 1 / self::ABSURD => new Message(
                'reached-absurd',
                ['length' => $this->length, 'planned' => $planned->written(Unit::Centimetre)],
            ),
            default => null,
        };
    }
}
