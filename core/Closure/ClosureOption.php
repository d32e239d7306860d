<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

/**
 * What a maker can say of a closure; each is a field of ClosureWish by that name.
 *
 * @internal
 */
enum ClosureOption: string
{
    /** Square knots in a slider. */
    case Knots = 'knots';

    /** Turns of a sliding barrel. */
    case Wraps = 'wraps';

    /** Loops behind each other. */
    case Loops = 'loops';

    /** How long a tail is. */
    case Tail = 'tail';

    /** How wide a loop lies flat; kept as a tail. */
    case Opening = 'opening';

    /** What shows of it when it is worn. */
    case Shows = 'shows';

    /** Of what kind each end is. */
    case Ends = 'ends';

    /** How much play is behind a button. */
    case Play = 'play';

    /** How many square knots are hidden behind a button. */
    case Behind = 'behind';

    /** How its tails are made. */
    case Tails = 'tails';

    /** Where a single sliding knot sits. */
    case Short = 'short';

    /** What it is made of. */
    case Findings = 'findings';

    /** Whether a loop is made of knots. */
    case Knotted = 'knotted';

    /** Whether glue goes on what it slides on. */
    case Glued = 'glued';

    /** Whether the knot is glued. */
    case GluedKnot = 'glued-knot';

    /** How many square knots go over the core where it is tied back at a finding. */
    case Over = 'over';

    /** Whether the knot of elastic is a plain one. */
    case Plain = 'plain';

    /**
     * @return non-empty-list<string> what is said with it in the open format
     */
    public function says(): array
    {
        return match ($this) {
            self::Opening => ['tail'],
            self::Over => ['behind'],
            self::Ends => ['start', 'finish'],
            self::Short => ['short', 'spaced'],
            self::GluedKnot => ['glued'],
            default => [$this->value],
        };
    }

    /**
     * Returns what is said of a closure of one kind where others are as they are here.
     *
     * @param list<ClosureKind> $closures that there are here
     *
     * @return list<string> by field
     */
    public static function here(array $closures, ClosureKind $kind): array
    {
        foreach ($closures as $one) {
            if ($one->id() === $kind->id()) {
                return self::ofKind($one);
            }
        }

        return self::ofKind($kind);
    }

    /**
     * @return list<string> what is said of some closure or other, by field
     */
    public static function fields(): array
    {
        return array_values(array_unique(array_merge(
            ...array_map(static fn (self $one): array => $one->says(), self::cases()),
        )));
    }

    /**
     * @return list<string> all that is said of a closure of one kind, by field
     */
    public static function ofKind(ClosureKind $kind): array
    {
        return array_merge(...array_map(static fn (self $one): array => $one->says(), $kind->options()), ...[[]]);
    }
}
