<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;

/**
 * Puts the beads of a run in their order.
 *
 * @internal
 */
final readonly class BeadSequence
{
    /**
     * @param array<string, Bead> $beads all that the run may name
     */
    public function __construct(private array $beads) {}

    /**
     * Returns the names of the run's beads, one after the other.
     *
     * @return list<string>
     */
    public function of(Beads $run): array
    {
        $turn = [];
        foreach ($run->names as [$each, $name]) {
            array_push($turn, ...array_fill(0, $each, $name));
        }
        $named = [];
        for ($i = 0; $i < $run->count; ++$i) {
            $named[] = $turn[$i % max(1, \count($turn))] ?? '';
        }

        if (BeadOrder::AsNamed !== $run->order) {
            $named = $this->atHand($named);
        }

        return match ($run->order) {
            BeadOrder::AsNamed => $named,
            BeadOrder::ByValue => $this->byTurns(
                $named,
                fn (string $name): float => $this->beads[$name]->colour->lab()[0],
            ),
            BeadOrder::ByForm => $this->byTurns(
                $named,
                fn (string $name): float => $this->beads[$name]->length->millimetres * $this->beads[$name]->diameter->millimetres ** 2,
            ),
            BeadOrder::ByFinish => self::mixed(
                $named,
                array_map(
                    static fn (Bead $bead): string => $bead->material->value.' '.($bead->finish->value ?? ''),
                    $this->beads,
                ),
            ),
            BeadOrder::BySize => $this->graduated($named),
            BeadOrder::ByColour => self::apart(
                $named,
                array_map(static fn (Bead $bead): Colour => $bead->colour, $this->beads),
            ),
        };
    }

    /**
     * Returns $names with those that are more than the stock of their kind exchanged for others of the run, where these
     * suffice.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function atHand(array $names): array
    {
        $wanted = array_count_values($names);
        ksort($wanted);
        $stock = array_map(
            fn (int|string $name): int => $this->beads[$name]->stock ?? \PHP_INT_MAX,
            array_keys($wanted),
        );
        $stock = array_combine(array_keys($wanted), $stock);
        if (min([\count($names), ...$stock]) === \count($names) || array_sum($stock) < \count($names)) {
            return $names;
        }
        $missing = 0;
        foreach ($wanted as $name => $count) {
            $wanted[$name] = min($count, $stock[$name]);
            $missing += $count - $wanted[$name];
        }
        while ($missing > 0) {
            foreach ($wanted as $name => $count) {
                if ($missing > 0 && $count < $stock[$name]) {
                    ++$wanted[$name];
                    --$missing;
                }
            }
        }

        return array_merge(...array_map(
            static fn (int|string $name, int $count): array => array_fill(0, $count, (string) $name),
            array_keys($wanted),
            $wanted,
        ));
    }

    /**
     * Returns the higher and the lower half by turns, each from its far end. Of an odd number one half has one more: the
     * halves part where the step between them is larger, and the larger one begins and ends, so that no two of a half
     * touch.
     *
     * @param list<string>            $names
     * @param callable(string): float $value
     *
     * @return list<string>
     */
    private function byTurns(array $names, callable $value): array
    {
        $values = array_unique(array_map(static fn (string $name): string => \sprintf('%.6f', $value($name)), $names));
        if (2 === \count($values)) {
            return self::mingled($names, static fn (string $name): string => \sprintf('%.6f', $value($name)));
        }
        usort($names, static fn (string $one, string $other): int => [$value($other), $other] <=> [$value($one), $one]);
        $half = intdiv(\count($names), 2);
        $step = static fn (int $at): float => isset($names[$at - 1], $names[$at])
            ? $value($names[$at - 1]) - $value($names[$at])
            : 0.0;
        $highs = 0 === \count($names) % 2 || $step($half) > $step($half + 1) ? $half : $half + 1;
        $high = \array_slice($names, 0, $highs);
        $low = array_reverse(\array_slice($names, $highs));
        [$first, $second] = \count($low) > \count($high) ? [$low, $high] : [$high, $low];
        $turns = [];
        foreach ($first as $i => $name) {
            $turns[] = $name;
            if (isset($second[$i])) {
                $turns[] = $second[$i];
            }
        }

        return $turns;
    }

    /**
     * Returns names of two classes mingled: the rarer spread as evenly as can be over the others, never at an end.
     *
     * @param list<string>             $names
     * @param callable(string): string $class
     *
     * @return list<string>
     */
    private static function mingled(array $names, callable $class): array
    {
        $ofClass = [];
        foreach ($names as $name) {
            $ofClass[$class($name)][] = $name;
        }
        krsort($ofClass);
        usort($ofClass, static fn (array $one, array $other): int => \count($other) <=> \count($one));
        [$many, $few] = $ofClass + [[], []];
        if (\count($many) === \count($few)) {
            return array_merge(
                ...array_map(static fn (string $one, string $other): array => [$one, $other], $many, $few),
            );
        }
        $gaps = \count($few) + 1;
        $mingled = [];
        foreach (range(1, $gaps) as $i) {
            $until = (int) round($i * \count($many) / $gaps, 0, \PHP_ROUND_HALF_UP);
            $from = (int) round(($i - 1) * \count($many) / $gaps, 0, \PHP_ROUND_HALF_UP);
            array_push($mingled, ...\array_slice($many, $from, $until - $from), ...\array_slice($few, $i - 1, 1));
        }

        return $mingled;
    }

    /**
     * Returns the names so that each differs from the one before it as much as those left allow, the more frequent
     * first. A name that fills half of the rest is next, or it would have to touch itself later.
     *
     * @param list<string>          $names
     * @param array<string, Colour> $colours of each name
     *
     * @return list<string>
     */
    private static function apart(array $names, array $colours): array
    {
        $left = array_count_values($names);
        ksort($left);
        $sequence = [];
        for ($last = null; [] !== $left; $last = $next) {
            $next = (string) array_key_first($left);
            $best = [-1.0, 0];
            $rest = array_sum($left);
            foreach ($left as $name => $count) {
                if (2 * $count > $rest && $last !== (string) $name) {
                    $next = (string) $name;
                    break;
                }
                $apart = null === $last ? 0.0 : $colours[(string) $name]->differenceTo($colours[$last]);
                if ([$apart, $count] > $best) {
                    [$best, $next] = [[$apart, $count], (string) $name];
                }
            }
            $sequence[] = $next;
            if (0 === --$left[$next]) {
                unset($left[$next]);
            }
        }

        return $sequence;
    }

    /**
     * Returns the names so that each colour is spread evenly over the whole, and no two of a colour touch where that
     * can be: next is the colour furthest behind its even share, or one that fills more than half of the rest.
     *
     * @param list<string>          $names
     * @param array<string, Colour> $colours of each name
     *
     * @return list<string>
     */
    public static function spread(array $names, array $colours): array
    {
        return self::mixed($names, array_map(static fn (Colour $colour): string => $colour->hex, $colours));
    }

    /**
     * Returns the names from the smallest at both ends to the largest in the middle; of an odd number of one size one
     * is on the left.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function graduated(array $names): array
    {
        $size = fn (string $name): float => $this->beads[$name]->diameter->millimetres;
        usort($names, static fn (string $one, string $other): int => [$size($one), $one] <=> [$size($other), $other]);
        [$left, $right] = [[], []];
        foreach ($names as $i => $name) {
            0 === $i % 2 ? $left[] = $name : $right[] = $name;
        }

        return [...$left, ...array_reverse($right)];
    }

    /**
     * Returns the names so that each class of them is spread evenly, as spread() does colours.
     *
     * @param list<string>          $names
     * @param array<string, string> $classes of each name
     *
     * @return list<string>
     */
    private static function mixed(array $names, array $classes): array
    {
        $ofColour = [];
        foreach ($names as $name) {
            $ofColour[$classes[$name]][] = $name;
        }
        $all = array_map(\count(...), $ofColour);
        $sequence = [];
        for ($last = null; [] !== $ofColour; $last = $next) {
            $rest = \count($names) - \count($sequence);
            $next = null;
            $least = [\INF, 0];
            foreach ($ofColour as $colour => $left) {
                if ((string) $colour === $last) {
                    continue;
                }
                $due = 2 * \count($left) > $rest ? -1.0 : ($all[$colour] - \count($left) + 0.5) / $all[$colour];
                if ([$due, -\count($left)] < $least) {
                    [$least, $next] = [[$due, -\count($left)], (string) $colour];
                }
            }
            $next ??= (string) array_key_first($ofColour);
            $sequence[] = (string) array_shift($ofColour[$next]);
            if ([] === $ofColour[$next]) {
                unset($ofColour[$next]);
            }
        }

        return $sequence;
    }
}
