<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Pattern\BeadSequence;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;

/**
 * Six arrangements of the beads at hand, one of each manner, the liveliest first. The same seed gives the same six.
 *
 * @internal
 */
final readonly class Arrangements
{
    private BeadSequence $sequence;

    public function __construct(private BeadTray $tray)
    {
        $this->sequence = new BeadSequence($tray->beads);
    }

    /**
     * @param int $count beads wanted, 1 to 2000; fewer where there are not so many
     *
     * @return list<Arrangement> none where there is no bead
     */
    public function six(int $count, int $seed): array
    {
        $names = $this->tray->taken(max(1, min(Beads::MOST, $count)));
        if ([] === $names) {
            return [];
        }
        $chance = new Randomizer(new Mt19937($seed));
        $all = array_map(
            fn (OrderRule $manner): Arrangement => new Arrangement(
                $manner,
                $this->ordered($manner, $names, $chance),
                $this->tray->beads,
            ),
            OrderRule::cases(),
        );
        usort($all, static fn (Arrangement $one, Arrangement $other): int => $other->liveliness <=> $one->liveliness);

        return $all;
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function ordered(OrderRule $manner, array $names, Randomizer $chance): array
    {
        return match ($manner) {
            OrderRule::Value => self::begun($this->by(BeadOrder::ByValue, $names), $chance),
            OrderRule::Colour => self::begun($this->by(BeadOrder::ByColour, $names), $chance),
            OrderRule::Form => self::begun($this->by(BeadOrder::ByForm, $names), $chance),
            OrderRule::Graduated => $this->graduated($names, $chance),
            OrderRule::Symmetric => self::symmetric($names, $chance),
            OrderRule::Mixed => self::mixed($names, $chance),
        };
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function by(BeadOrder $order, array $names): array
    {
        $each = array_map(static fn (string $name): array => [1, $name], $names);

        return [] === $each ? [] : $this->sequence->of(new Beads(\count($names), $order, $each));
    }

    /**
     * Returns the order from another bead on, or the other way round: as lively, but another piece.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function begun(array $names, Randomizer $chance): array
    {
        $turned = 0 === $chance->getInt(0, 1) ? $names : array_reverse($names);
        $ends = [] === $turned || $turned[0] === $turned[\count($turned) - 1];
        // Begun elsewhere what was the end lies beside what was the beginning: only where these differ.
        $from = $ends ? 0 : $chance->getInt(0, \count($turned) - 1);

        return [...\array_slice($turned, $from), ...\array_slice($turned, 0, $from)];
    }

    /**
     * Returns the smallest at both ends and the largest in the middle; those of one size as chance has it.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function graduated(array $names, Randomizer $chance): array
    {
        $shuffled = $chance->shuffleArray($names);
        $size = fn (string $name): float => $this->tray->beads[$name]->diameter->millimetres;
        usort($shuffled, static fn (string $one, string $other): int => $size($one) <=> $size($other));
        [$left, $right] = [[], []];
        foreach ($shuffled as $i => $name) {
            0 === $i % 2 ? $left[] = $name : $right[] = $name;
        }

        return [...$left, ...array_reverse($right)];
    }

    /**
     * Returns a first half as chance has it, then the same in reverse; what is left over of a kind in odd number stands
     * in the middle.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function symmetric(array $names, Randomizer $chance): array
    {
        [$half, $middle] = [[], []];
        foreach (array_count_values($names) as $name => $count) {
            array_push($half, ...array_fill(0, intdiv($count, 2), (string) $name));
            array_push($middle, ...array_fill(0, $count % 2, (string) $name));
        }
        $half = self::mixed($half, $chance);

        return [...$half, ...$middle, ...array_reverse($half)];
    }

    /**
     * Returns the names so that each kind comes about as often everywhere: each copy lies by chance within its own
     * stretch of the whole; two of a kind beside each other are moved apart where that can be.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function mixed(array $names, Randomizer $chance): array
    {
        $places = [];
        foreach (array_count_values($names) as $name => $count) {
            for ($i = 0; $i < $count; ++$i) {
                $places[] = [($i + $chance->getInt(0, 9999) / 10000) / $count, (string) $name];
            }
        }
        usort($places, static fn (array $one, array $other): int => $one <=> $other);
        $mixed = array_column($places, 1);
        foreach (array_keys($mixed) as $i) {
            for ($j = $i + 1; $i > 0 && $mixed[$i] === $mixed[$i - 1] && $j < \count($mixed); ++$j) {
                if ($mixed[$j] !== $mixed[$i]) {
                    [$mixed[$i], $mixed[$j]] = [$mixed[$j], $mixed[$i]];
                }
            }
        }
        // What is left in a clump at the end goes back to where two others stand beside each other.
        for ($i = \count($mixed) - 1; $i > 0; --$i) {
            for ($j = 1; $mixed[$i] === $mixed[$i - 1] && $j < $i - 1; ++$j) {
                if ($mixed[$j] !== $mixed[$i] && $mixed[$j - 1] !== $mixed[$i]) {
                    $moved = array_splice($mixed, $i, 1);
                    array_splice($mixed, $j, 0, $moved);
                    break;
                }
            }
        }

        return array_values($mixed);
    }
}
