<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Exception\StretchUnread;
use Rinkel\Core\Material\Stretch;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;

/**
 * Something that a maker worked and measured: how long it is, and what it took of one of the ends that made it. Of a
 * cord that was pulled, how long it was and how long it became.
 */
final readonly class OwnSample
{
    /** What reading a tape leaves, in mm, as a standard deviation (judgement). */
    private const TAPE = 1.0;

    /**
     * @param int         $count  of knots, waves or links, from 1
     * @param Length|null $length of all of them, null where it was not measured
     * @param Length|null $before one end, or the cord that was pulled; null where it was not measured
     * @param Length|null $after  likewise
     */
    public function __construct(
        public Work $work,
        public int $count,
        public ?Length $length,
        private ?Length $before,
        private ?Length $after,
    ) {}

    public function cord(): Cord
    {
        return $this->work->cord();
    }

    /**
     * Returns what was taken of one end, null where it was not measured or grew.
     */
    public function used(): ?Length
    {
        return null === $this->before || true !== $this->after?->isShorterThan($this->before)
            ? null
            : $this->before->minus($this->after);
    }

    /**
     * Returns by how much the cord gave that was pulled, null where it was not.
     *
     * @throws StretchUnread If it more than doubled
     */
    public function stretch(): ?Stretch
    {
        return $this->work instanceof Work\Pulled && null !== $this->before && null !== $this->after
            ? Stretch::between($this->before, $this->after)
            : null;
    }

    /**
     * Returns why nothing can measure that, or null when it can.
     */
    public function impossible(): ?Message
    {
        $used = $this->used();
        $reading = $this->work->reading($this->count, $this->length, $used);
        if (null !== $reading?->length && $reading->length->millimetres <= 0.0) {
            return new Message('sample-beads-longer', ['length' => $this->length ?? Length::zero()]);
        }
        $least = $this->work->least($this->count, $this->length);

        return true === $used?->isShorterThan($least) ? new Message('sample-impossible', [
            'use' => $used->times(1 / $this->count)->written(Unit::Millimetre),
            'least' => $least->times(1 / $this->count)->written(Unit::Millimetre),
        ]) : null;
    }

    /**
     * Returns what it tells of the maker's hand, null where it tells of a cord only.
     *
     * @param string $piece by which it is told from other samples
     */
    public function observation(string $piece): ?Observation
    {
        $reading = $this->work->reading($this->count, $this->length, $this->used());
        if (null === $reading) {
            return null;
        }
        $log = static fn (?Length $measured, Length $model): ?float => null === $measured
            ? null
            : log($measured->ratioTo($model));

        return new Observation(
            $piece,
            $reading->kind,
            Hand::cord($this->cord()),
            $log($reading->length, $reading->modelLength),
            self::TAPE / max(1.0, $reading->length->millimetres ?? 1.0),
            $log($reading->used, $reading->modelUsed),
            // An end is read before and after.
            sqrt(2) * self::TAPE / max(1.0, $reading->used->millimetres ?? 1.0),
            $reading->isPushed,
        );
    }
}
