<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement;

use Rinkel\Core\Arrangement\Exception\TrayUnread;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;

/**
 * Beads at hand: of which kinds, and how many of each; as many as wanted where nobody counted.
 *
 * @internal
 */
final readonly class BeadTray
{
    /** Kinds at most. */
    private const MOST = 24;

    /** Colours of kinds of which none is said, one after the other. */
    private const COLOURS = ['#3f6f8f', '#e6ddc9', '#c8693a', '#6d8a4f', '#7a5a86', '#d9b44a', '#2f3b45', '#b84a4a'];

    /**
     * @param array<string, Bead> $beads by short name
     */
    public function __construct(public array $beads) {}

    /**
     * Reads what is at hand, kinds apart by commas or lines: how many, a name, and if known a size and a colour: "12
     * amber 6 mm #c98a2b, 8 sky". Sizes and colours that are not said are usual ones.
     *
     * @throws TrayUnread                            If a kind says no number or no name, or there are none or too many
     * @throws \Rinkel\Core\Measure\MeasureFailure   If a size is none
     * @throws \Rinkel\Core\Material\MaterialFailure If a colour is none
     */
    public static function parse(string $text): self
    {
        $beads = [];
        foreach (preg_split('/[,;\n]+/u', $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $kind) {
            $kind = trim($kind);
            if ('' === $kind) {
                continue;
            }
            $read = preg_match(
                '/^(\d{1,5})\s*(?:x|×)?\s+(\pL[\pL\d_-]{0,39})(?:\s+(\d[\d.,\/ ]*\s*(?:mm|cm|in)))?(?:\s+(#[0-9a-f]{6}))?$/iu',
                $kind,
                $match,
                \PREG_UNMATCHED_AS_NULL,
            );
            $name = mb_strtolower($match[2] ?? '');
            if (1 !== $read || isset($beads[$name]) || \count($beads) >= self::MOST || !Pattern::isName($name)) {
                throw TrayUnread::from($kind);
            }
            $colour = $match[4] ?? self::COLOURS[\count($beads) % \count(self::COLOURS)];
            $size = isset($match[3]) ? Length::parse($match[3], Unit::Millimetre) : null;
            $beads[$name] = Bead::of(BeadShape::Round, Colour::parse($colour), $size, stock: (int) $match[1]);
        }

        return [] === $beads ? throw TrayUnread::from($text) : new self($beads);
    }

    /**
     * Returns how many beads there are, $most at most.
     */
    public function count(int $most): int
    {
        return min($most, array_sum(array_map(static fn (Bead $bead): int => $bead->stock ?? $most, $this->beads)));
    }

    /**
     * Returns $count beads of it, each kind by its share of what is at hand, and never more than there are.
     *
     * @return list<string> names, sorted
     */
    public function taken(int $count): array
    {
        $count = $this->count($count);
        $left = array_map(static fn (Bead $bead): int => $bead->stock ?? $count, $this->beads);
        $all = array_sum($left);
        $names = [];
        $owed = array_map(static fn (): float => 0.0, $left);
        for ($i = 0; $i < $count; ++$i) {
            foreach ($left as $name => $there) {
                $owed[$name] += $this->share($name, $count) / max(1, $all);
            }
            $best = null;
            foreach ($left as $name => $there) {
                $best = $there > 0 && (null === $best || $owed[$name] > $owed[$best] + 1e-12) ? $name : $best;
            }
            if (null === $best) {
                break;
            }
            --$left[$best];
            --$owed[$best];
            $names[] = (string) $best;
        }
        sort($names, \SORT_STRING);

        return $names;
    }

    private function share(int|string $name, int $count): int
    {
        return $this->beads[$name]->stock ?? $count;
    }
}
