<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\LineBuilder;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Plan\Neighbour;

/**
 * The finer ways to a length that whole repeats pass by: knots at the ends that take the rest, a last repeat that
 * breaks off, one knot, bead or step more or fewer in each repeat. Each is worked out, and only what comes clearly
 * nearer is told.
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
                $length = $length->plus($element->extent->length);
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
        $off = $this->draft->setting->over->absolute()->times(self::NEARER);
        $ways = [];
        foreach (\array_slice($this->candidates(), 0, self::MOST_TRIED) as [$pattern, $said]) {
            $over = $this->tried(
                $pattern,
                fn (Fitting $fitting): Length => $fitting->nearest($this->draft->ring)->over->absolute(),
            );
            if (true === $over?->isShorterThan($off)) {
                $ways[] = [$over->millimetres, $pattern, $said];
            }
        }
        usort($ways, static fn (array $way, array $other): int => $way[0] <=> $other[0]);
        $near = [];
        foreach (\array_slice($ways, 0, self::MOST) as [, $pattern, $said]) {
            $draft = $this->tried($pattern, static fn (Fitting $fitting): Draft => $fitting->draft());
            if (true === $draft?->setting->over->absolute()->isShorterThan($off)) {
                $near[] = [self::rank($draft), self::told($this->draft, $draft, $said)];
            }
        }
        usort($near, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($near, 1);
    }

    /**
     * @return list<array{Pattern, Message}>
     */
    private function candidates(): array
    {
        $pattern = $this->draft->piece->pattern->tree;
        $filled = $this->filled();
        $ways = null === $filled ? [] : [[$filled, new Message('way-fill')]];
        $edit = new PatternEdit($pattern);
        foreach ($pattern->parts as $i => $part) {
            if (!$part instanceof Group || !$part->fits()) {
                continue;
            }
            if (\count($part->parts) > 1) {
                $ways[] = [$edit->brokenOff((string) $i), new Message('way-partly')];
            }
            foreach ($part->parts as $j => $inside) {
                foreach ($inside instanceof CountedPart && null !== $inside->count() ? [1, -1] : [] as $more) {
                    $changed = $edit->counted($i.'.'.$j, $more);
                    $now = (new PatternEdit($changed))->at($i.'.'.$j);
                    if ((string) $changed !== (string) $pattern && null !== $now) {
                        $ways[] = [$changed, new Message('way-counted', ['part' => (string) $now])];
                    }
                }
            }
        }

        return array_values(
            array_filter($ways, static fn (array $way): bool => (string) $way[0] !== (string) $pattern),
        );
    }

    /**
     * Returns what $found says of the same piece with another pattern, null when it cannot be set.
     *
     * @template T
     *
     * @param callable(Fitting): T $found
     *
     * @return T|null
     */
    private function tried(Pattern $pattern, callable $found): mixed
    {
        $construction = $this->draft->construction;
        try {
            $piece = $construction->completed($this->draft->piece->decided()->withPattern($pattern));
            $maker = $construction->maker($piece);

            return $found(
                new Fitting(
                    $piece,
                    $construction,
                    $maker->line((new LineBuilder($maker))->line($piece->pattern->tree)),
                ),
            );
        } catch (PartDoesNotSuit) {
            return null;
        }
    }

    private static function told(Draft $from, Draft $near, Message $way): Neighbour
    {
        return new Neighbour(
            (string) $near->piece->pattern->tree,
            $near->body()->minus($from->body()),
            $near->closed(),
            self::zone($near),
            $near->beadCount(),
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
