<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Place;

/**
 * A net of knots around a stone: "net 5 every 12 mm".
 *
 * @internal
 */
final readonly class Net extends Leaf implements CountedPart
{
    use ByNumber;

    public const MOST_ROWS = 60;

    /**
     * @param int    $rows  1 to 60
     * @param Length $every from knot to knot along a cord
     */
    public function __construct(
        public int $rows,
        public Length $every,
        ?Place $place = null,
    ) {
        parent::__construct($place);
        self::hold($rows, 1, self::MOST_ROWS);
    }

    public function word(): string
    {
        return 'net';
    }

    public function __toString(): string
    {
        return 'net '.$this->rows.' every '.$this->every;
    }

    public function said(Unit $unit): string
    {
        return 'net '.$this->rows.' every '.$this->every->written($unit);
    }

    public function count(): int
    {
        return $this->rows;
    }

    public function times(int $count): self
    {
        return new self(max(1, min(self::MOST_ROWS, $count)), $this->every);
    }

    public function freed(): ?Group
    {
        return null;
    }

    public function isPointed(): bool
    {
        return true;
    }
}
