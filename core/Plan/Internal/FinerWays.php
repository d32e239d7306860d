<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\LineBuilder;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Counted;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Plan\Neighbour;
use Rinkel\Core\Said;

/**
 * The finer ways to a length that whole repeats pass by: knots at the ends that take the rest, a last repeat that breaks
 * off, one knot, bead or step more or fewer in each repeat. Each is worked out, and only what comes clearly nearer is
 * told.
 *
 * @internal
 */
final readonly class FinerWays
{
    /** A fit is this wide, in mm: a repeat that is longer can pass it by (judgement). */
    public const ZONE = 6.35;

    /** What takes less than this share off is no better way (judgement). */
    private const NEARER = 0.6;

    /** So many are told at most, and so many worked out. */
    private const MOST = 3;
    private const MOST_TRIED = 8;

    public function __construct(private Draft $draft) {}

    /**
     * Returns whether one repeat is so long that whole ones leave more than a fit has room for.
     */
    public function isCoarse(): bool
    {
        return $this->repeat()->millimetres > 2 * self::ZONE
            && $this->draft->setting->over->absolute()->millimetres > self::ZONE;
    }

    /**
     * Returns the length of the longest repeat.
     */
    public function repeat(): Length
    {
        $longest = Length::zero();
        foreach (array_keys($this->draft->setting->counts) as $fit) {
            $length = Length::zero();
            foreach ($this->draft->line->repeat($fit) as $element) {
                $length = $length->plus($element->length);
            }
            $longest = Length::longest($longest, $length);
        }

        return $longest;
    }

    /**
     * Returns the pattern whose first and last runs of knots may fill, null when neither is there or they do already.
     */
    public function filled(): ?Pattern
    {
        $parts = $this->draft->piece->pattern->tree->parts;
        $runs = array_filter($parts, static fn (Node $part): bool => $part instanceof Knots);
        if ([] === $runs || [] === $this->draft->setting->counts || [] !== $this->draft->line->fills()) {
            return null;
        }
        foreach ([array_key_first($runs), array_key_last($runs)] as $end) {
            $parts[$end] = $runs[$end]->filling(true);
        }

        return new Pattern(array_values($parts));
    }

    /**
     * @return list<Neighbour> the best first
     */
    public function all(): array
    {
        if (!$this->isCoarse()) {
            return [];
        }
        $ways = [];
        foreach (\array_slice($this->candidates(), 0, self::MOST_TRIED) as [$pattern, $said]) {
            $near = $this->drafted($pattern, $this->draft->ring);
            if (null !== $near && $this->isNearer($near)) {
                $ways[] = [self::rank($near), $near->setting->over->absolute()->millimetres, $pattern, $said];
            }
        }
        usort($ways, static fn (array $way, array $other): int => [$way[0], $way[1]] <=> [$other[0], $other[1]]);

        return array_values(array_filter(array_map(
            fn (array $way): ?Neighbour => $this->told($this->drafted($way[2]), $way[3]),
            \array_slice($ways, 0, self::MOST),
        )));
    }

    /**
     * @return list<array{Pattern, Said}>
     */
    private function candidates(): array
    {
        $pattern = $this->draft->piece->pattern->tree;
        $filled = $this->filled();
        $ways = null === $filled ? [] : [[$filled, new Said('way-fill')]];
        $edit = new PatternEdit($pattern);
        foreach ($pattern->parts as $i => $part) {
            if (!$part instanceof Group || !$part->fits()) {
                continue;
            }
            if (\count($part->parts) > 1) {
                $ways[] = [$edit->brokenOff((string) $i), new Said('way-partly')];
            }
            foreach ($part->parts as $j => $inside) {
                foreach ($inside instanceof Counted && null !== $inside->count() ? [1, -1] : [] as $more) {
                    $changed = $edit->counted($i.'.'.$j, $more);
                    $now = (new PatternEdit($changed))->at($i.'.'.$j);
                    if ((string) $changed !== (string) $pattern && null !== $now) {
                        $ways[] = [$changed, new Said('way-counted', ['part' => (string) $now])];
                    }
                }
            }
        }

        return array_values(array_filter($ways, static fn (array $way): bool => (string) $way[0] !== (string) $pattern));
    }

    /**
     * Returns the same piece with another pattern, null when that cannot be set.
     *
     * @param Ring|null $like that lifts about as much, to be quick
     */
    private function drafted(Pattern $pattern, ?Ring $like = null): ?Draft
    {
        $construction = $this->draft->construction;
        try {
            $piece = $construction->completed($this->draft->piece->decided()->withPattern($pattern));
            $maker = $construction->maker($piece);
            $line = $maker->line((new LineBuilder($maker))->line($piece->pattern->tree));

            return (new Fitting($piece, $construction, $line, $like))->draft();
        } catch (PartDoesNotSuit) {
            return null;
        }
    }

    private function isNearer(Draft $near): bool
    {
        $off = $this->draft->setting->over->absolute();

        return $near->setting->over->absolute()->isShorterThan($off->times(self::NEARER));
    }

    private function told(?Draft $near, Said $way): ?Neighbour
    {
        return null === $near || !$this->isNearer($near) ? null : new Neighbour(
            (string) $near->piece->pattern->tree,
            $near->body()->minus($this->draft->body()),
            $near->closed(),
            self::zone($near),
            array_sum($near->setting->beads()),
            $way,
        );
    }

    private static function rank(Draft $draft): int
    {
        return match (self::zone($draft)) {
            FitZone::TooTight => 2,
            FitZone::TooLoose => 1,
            default => 0,
        };
    }

    private static function zone(Draft $draft): FitZone
    {
        return (new EaseScale($draft->piece->wearer))->zoneOf(
            $draft->fastened->kind->slides() ? Length::longest($draft->closed(), $draft->wished()) : $draft->closed(),
        );
    }
}
