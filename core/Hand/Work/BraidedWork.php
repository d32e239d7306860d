<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\HandReading;
use Rinkel\Core\Hand\Work;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * A flat braid of three strands, one of them perhaps doubled.
 *
 * @internal
 */
final readonly class BraidedWork implements Work
{
    use ShortensEnds;

    /**
     * @param int $cords that the three strands are together
     */
    public function __construct(
        private Cord $cord,
        public int $cords,
    ) {}

    public function word(): string
    {
        return 'braid';
    }

    public function cord(): Cord
    {
        return $this->cord;
    }

    public function wantsEnd(): bool
    {
        return true;
    }

    public function wantsLength(): bool
    {
        return true;
    }

    /**
     * A braid is as long as somebody wished; only what its strands take of that is their hand's.
     */
    public function reading(int $count, ?Length $length, ?Length $used): ?HandReading
    {
        if (null === $length) {
            return null;
        }
        $model = (new Plait())->of($this->cord, $this->cords, $length);

        return new HandReading($this->word(), false, null, $model->pitch, $used, $model->use);
    }

    public function least(int $count, ?Length $length): Length
    {
        return $length ?? Length::zero();
    }
}
