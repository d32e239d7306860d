<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;

/**
 * Puts the beads of a run in their order.
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
            BeadOrder::ByColour => self::apart(
                $named,
                array_map(static fn (Bead $bead): Colour => $bead->colour, $this->beads),
            ),
        };
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
        $ofColour = [];
        foreach ($names as $name) {
            $ofColour[$colours[$name]->hex][] = $name;
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
