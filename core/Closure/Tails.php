<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Exception\TailsUnread;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * How the tails of a piece are made: of its core only or of all its cords, stopped together or each for itself, plain,
 * frayed or with a bead at the tip, all alike or each so much longer than the one before.
 *
 * @internal
 */
final readonly class Tails implements \Stringable
{
    /** Cord left to fray beyond a stop, in mm (judgement). */
    private const FRAYED = 20.0;

    private function __construct(
        public bool $allCords,
        public bool $ownStops,
        public bool $frayed,
        public ?string $bead,
        public ?Length $unequal,
        public ?Knot $knot = null,
        public ?int $turns = null,
    ) {}

    /**
     * Reads what is said of tails, apart by commas: "all cords", "own stops", "frayed", "bead amber", "unequal 12 mm",
     * "stop barrel 3".
     *
     * @throws TailsUnread                         If one of them is none of these, or both frayed and beaded
     * @throws \Rinkel\Core\Measure\MeasureFailure If its length is none
     */
    public static function parse(string $text, Unit $bare): self
    {
        [$all, $own, $frayed, $bead, $unequal, $knot, $turns] = [false, false, false, null, null, null, null];
        foreach (array_map(trim(...), explode(',', $text)) as $word) {
            if (1 === preg_match('/^unequal\s+(.{1,40})$/u', $word, $match)) {
                $unequal = Length::parse($match[1], $bare);
                if ($unequal->isZero() || $unequal->isLongerThan(Length::ofMillimetres(100))) {
                    throw TailsUnread::from($word);
                }
            } elseif (1 === preg_match('/^bead\s+([\pL][\pL\d_-]{0,39})$/u', $word, $match)) {
                $bead = $match[1];
            } elseif (1 === preg_match('/^stop\s+([\pL ]{1,40}?)(?:\s+([2-5]))?$/u', $word, $match)) {
                $knot = KnownKnots::all()->named($match[1]);
                $turns = isset($match[2]) ? (int) $match[2] : $knot?->usualTurns();
                if (Manner::Own !== $knot?->manner() || null !== $turns && null === $knot->usualTurns()) {
                    throw TailsUnread::from($word);
                }
            } else {
                match ($word) {
                    'all cords' => $all = true,
                    'own stops' => $own = true,
                    'frayed' => $frayed = true,
                    default => throw TailsUnread::from($word),
                };
            }
        }

        return new self($all, $own, $frayed, $bead, $unequal, $knot, $turns);
    }

    /**
     * Returns the same with its bead called otherwise.
     *
     * @param callable(string): string $rename
     */
    public function renamed(callable $rename): self
    {
        $bead = null === $this->bead ? null : $rename($this->bead);

        return new self(
            $this->allCords,
            $this->ownStops,
            $this->frayed,
            $bead,
            $this->unequal,
            $this->knot,
            $this->turns,
        );
    }

    /**
     * Returns what is left of a tail beyond its last knot to fray.
     */
    public static function frayed(): Length
    {
        return Length::ofMillimetres(self::FRAYED);
    }

    /**
     * Returns what stays of each of $count tails beyond its stop: of unequal ones, of the longest, as all are cut for
     * that.
     *
     * @param Length $plain  what stays of a plain one
     * @param Length $beaded how long the bead is, zero without one
     */
    public function beyond(Length $plain, Length $beaded, int $count): Length
    {
        $end = $this->frayed ? Length::ofMillimetres(self::FRAYED) : $plain;

        return Length::sum(
            $end,
            $beaded,
            ...(null === $this->unequal ? [] : [$this->unequal->times(max(0, $count - 1))]),
        );
    }

    /**
     * Returns whether each tail has a stop of its own.
     */
    public function areStoppedApart(): bool
    {
        return $this->ownStops || null !== $this->unequal || null !== $this->bead;
    }

    /**
     * Returns whether more is said of them than which cords they are: then even tails without one have a stop.
     */
    public function areStopped(): bool
    {
        return $this->areStoppedApart() || $this->frayed || null !== $this->knot;
    }

    public function said(Unit $unit): string
    {
        return $this->words(null === $this->unequal ? null : (string) $this->unequal->written($unit));
    }

    public function __toString(): string
    {
        return $this->words(null === $this->unequal ? null : (string) $this->unequal);
    }

    private function words(?string $unequal): string
    {
        return implode(', ', array_filter([
            $this->allCords ? 'all cords' : '',
            $this->ownStops ? 'own stops' : '',
            $this->frayed ? 'frayed' : '',
            null === $this->bead ? '' : 'bead '.$this->bead,
            null === $unequal ? '' : 'unequal '.$unequal,
            null === $this->knot ? '' : 'stop '.$this->knot->word().(null === $this->turns ? '' : ' '.$this->turns),
        ], static fn (string $word): bool => '' !== $word));
    }
}
