<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Cutting\CutSheet;
use Rinkel\Core\Cutting\Cutter;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Stock\Supply;

/**
 * What a maker has for one piece: cords, each so long, and beads. Of what is not said there is enough.
 *
 * @internal
 */
final readonly class AvailableMaterials
{
    /** Cords with no role given. */
    public const ANY = '';

    /** So much more of a cord is told of, in mm. */
    public const MORE = 100.0;

    /**
     * @param array<string, list<Length>> $cords by pool: a role, or any name that $pools gives roles
     * @param array<string, int>          $beads by short name
     * @param array<string, string>       $pools from which pool a role is cut, where it is not its own
     */
    public function __construct(
        public array $cords,
        public array $beads = [],
        private array $pools = [],
    ) {}

    /**
     * Returns what there is not enough of for a plan, in the order of the plan; none when it can be made.
     *
     * @return list<Lack>
     */
    public function lacks(Plan $plan): array
    {
        $lacks = [];
        $demands = [];
        foreach ($plan->cuts as $cut) {
            $pool = $this->pool($cut->role);
            for ($i = 0; null !== $pool && $i < $cut->count; ++$i) {
                $demands[$pool][] = new Demand($cut->role.' '.$i, $cut->length, cut: $cut);
            }
        }
        $cutter = new Cutter(Length::zero());
        foreach ($demands as $pool => $all) {
            $sheet = $cutter->sheet($all, array_map(
                static fn (Length $length, int $i): Supply => Supply::offcut('cord '.$i, $length),
                $this->cords[$pool],
                array_keys($this->cords[$pool]),
            ));
            if ([] !== $sheet->unserved) {
                $lacks[] = new Lack($pool, true, self::short($sheet));
            }
        }
        foreach ($plan->beads as $name => $count) {
            $there = $this->beads[$name] ?? null;
            if (null !== $there && $count > $there) {
                $lacks[] = new Lack((string) $name, false, $count - $there);
            }
        }

        return $lacks;
    }

    /**
     * Returns how much longer a cord would have to be to serve: what is wished less the longest that remains.
     */
    private static function short(CutSheet $sheet): Length
    {
        $longest = Length::longest(Length::zero(), ...array_map(
            static fn (SupplyCuts $taken): Length => $taken->left ?? Length::zero(),
            $sheet->taken,
        ), ...array_map(static fn (Supply $supply): Length => $supply->length ?? Length::zero(), $sheet->whole));
        $short = Length::zero();
        foreach ($sheet->unserved as $i => $demand) {
            $short = $short->plus(0 === $i ? $demand->wished->minus($longest) : $demand->wished);
        }

        return $short;
    }

    /**
     * Returns the same with more of something: one more bead, or ten centimetres more on each cord of a pool.
     */
    public function withOneMore(string $name, bool $isCord): self
    {
        return $isCord
            ? new self(array_replace($this->cords, [
                $name => array_map(
                    static fn (Length $length): Length => $length->plus(Length::ofMillimetres(self::MORE)),
                    $this->cords[$name],
                ),
            ]), $this->beads, $this->pools)
            : new self($this->cords, array_replace($this->beads, [$name => $this->beads[$name] + 1]), $this->pools);
    }

    private function pool(string $role): ?string
    {
        $pool = $this->pools[$role] ?? (isset($this->cords[$role]) ? $role : self::ANY);

        return isset($this->cords[$pool]) && [] !== $this->cords[$pool] ? $pool : null;
    }
}
