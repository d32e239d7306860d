<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Rinkel\App\Money\Price;
use Rinkel\Core\Cutting\Cutter;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

/**
 * How many packs of something have to be bought, as it is sold: spools, strands, bags.
 */
final readonly class Packs
{
    /** More spools of one cord are not tried. */
    private const MOST = 60;

    private function __construct(
        public int $count,
        public Length|int $each,
    ) {}

    /**
     * @param Length|int   $much    that is missing
     * @param list<Demand> $demands of cord, that nothing in stock is long enough for
     */
    public static function of(?Price $price, Length|int $much, array $demands = []): ?self
    {
        if (null === $price || $price->isOfOne()) {
            return null;
        }
        $each = $price->for;
        if (\is_int($each) && \is_int($much)) {
            return new self((int) ceil($much / $each), $each);
        }
        if (!$each instanceof Length || !$much instanceof Length) {
            return null;
        }
        $cutter = new Cutter(Length::ofMillimetres(Cutting::WASTE));
        for ($count = max(1, (int) floor($much->ratioTo($each))); $count <= self::MOST; ++$count) {
            $spools = array_map(static fn (int $i): Supply => Supply::spool('new '.$i, $each), range(1, $count));
            if ([] === $cutter->sheet(array_values($demands), $spools)->unserved) {
                return new self($count, $each);
            }
        }

        return null; // no spool is long enough for the longest of them
    }

    /**
     * Returns how much there is of it in all.
     */
    public function all(): Length|int
    {
        return $this->each instanceof Length ? $this->each->times($this->count) : $this->each * $this->count;
    }

    /**
     * Returns what is left of it once so much is used.
     */
    public function left(Length|int $much): Length|int
    {
        $all = $this->all();

        return $all instanceof Length && $much instanceof Length
            ? Length::longest(Length::zero(), $all->minus($much))
            : max(0, (\is_int($all) ? $all : 0) - (\is_int($much) ? $much : 0));
    }
}
