<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Pattern;

/**
 * Turns a pattern into a line, with what a construction's maker says of each part.
 *
 * @internal
 */
final class LineBuilder
{
    /** More boxes than this are no piece of jewellery; keeps every input cheap. */
    private const MOST = 6000;

    /** More that shares the room cannot be meant. */
    private const MOST_FITS = 24;

    /** Strands that one neck can carry and an eye tell apart. */
    private const MOST_LAYERS = 8;

    private int $elements = 0;

    /** @var list<int> */
    private array $shares = [];

    /** @var list<int> */
    private array $more = [];

    public function __construct(private readonly Maker $maker) {}

    /**
     * @throws PartDoesNotSuit If a part does not suit the construction, a fit stands inside a fit, or there are too many parts
     */
    public function line(Pattern $pattern): Line
    {
        [$parts, $layers] = $this->layered(Alternating::squared($pattern->parts));
        [$at, $mirror] = [0, null];
        foreach ($parts as $i => $part) {
            [$at, $mirror] = $part instanceof Mirror ? [$i, $part] : [$at, $mirror];
        }
        if (null === $mirror) {
            $chunks = Centring::of($this->chunks($parts));

            return new Line($chunks, [], [], false, $this->shares, $this->more, layers: $layers);
        }
        $this->maker->exchange($mirror);
        $before = array_values(array_filter(
            \array_slice($parts, 0, $at),
            static fn (Node $part): bool => !$part instanceof Mirror,
        ));
        $outwards = $mirror->outwards;
        $middle = $before[$outwards ? 0 : \count($before) - 1] ?? null;
        $single = $middle?->isMiddle() ?? false;
        $middleParts = $single ? $this->fixed([$middle], false) : [];
        $half = Centring::of($this->chunks(match (true) {
            !$single => $before,
            $outwards => \array_slice($before, 1),
            default => \array_slice($before, 0, -1),
        }), $outwards ? $middleParts : [], $outwards ? [] : $middleParts);

        return new Line(
            $outwards ? array_map(static fn (Chunk $chunk): Chunk => $chunk->reversed(), array_reverse($half)) : $half,
            $middleParts,
            Centring::of($this->chunks(\array_slice($parts, $at + 1))),
            true,
            $this->shares,
            $this->more,
            $mirror->exchange,
            $layers,
        );
    }

    /**
     * Returns the parts of the line itself, and the lines that hang below it.
     *
     * @param array<Node> $parts
     *
     * @return array{list<Node>, list<Layer>}
     */
    private function layered(array $parts): array
    {
        [$own, $layers] = [[], []];
        foreach ($parts as $part) {
            if (!$part instanceof Below) {
                $own[] = [] === $layers ? $part : throw PartDoesNotSuit::behindBelow($part);
                continue;
            }
            if (\count($layers) >= self::MOST_LAYERS - 1) {
                throw PartDoesNotSuit::tooManyLayers($part, self::MOST_LAYERS);
            }
            [$maker, $role] = $this->maker->below($part);
            $builder = new self($maker);
            $builder->elements = $this->elements;
            $layers[] = new Layer($part, $role, $maker->line($builder->line($part->line())));
            $this->elements = $builder->elements;
        }

        return [] === $own && [] !== $layers
            ? throw PartDoesNotSuit::onlyBelow($layers[0]->part) : [$own, $layers];
    }

    /**
     * @param array<Node> $parts
     *
     * @return list<Chunk>
     */
    private function chunks(array $parts): array
    {
        $chunks = [];
        $plain = [];
        foreach ($parts as $part) {
            if (!$this->isOpen($part)) {
                $plain[] = $part;
                continue;
            }
            if ([] !== $plain) {
                $chunks[] = new Chunk($this->fixed($plain, false));
                $plain = [];
            }
            array_push($chunks, ...$this->opened($part));
        }

        return [] === $plain ? $chunks : [...$chunks, new Chunk($this->fixed($plain, false))];
    }

    private function isOpen(Node $part): bool
    {
        return $part instanceof Group ? $this->hasFit($part) : $part instanceof Knots && $part->fits();
    }

    /**
     * @return list<Chunk> of a part that is open
     */
    private function opened(Node $part): array
    {
        return $part instanceof Group ? $this->fitting($part) : [
            new Chunk($this->fixed([$part instanceof Knots ? $part->filling(false) : $part], false), fills: true),
        ];
    }

    /**
     * @return list<Chunk>
     */
    private function fitting(Group $group): array
    {
        if (!$group->times instanceof Fit) {
            $chunks = $this->chunks($group->parts);
            $once = array_sum(array_map(static fn (Chunk $chunk): int => 1 + \count($chunk->elements), $chunks));
            $this->count($group, $once * ($group->times - 1));

            return array_merge(...array_fill(0, $group->times, $chunks));
        }
        $fit = \count($this->shares);
        if ($fit >= self::MOST_FITS) {
            throw PartDoesNotSuit::tooManyFits($group, self::MOST_FITS);
        }
        $this->shares[] = $group->times->share;
        $this->more[] = $group->times->more;

        return [
            new Chunk(
                $this->fixed($group->parts, false),
                $fit,
                $this->second($group),
                $group->times->partly ? $this->breaks($group->parts) : [],
            ),
        ];
    }

    /**
     * Returns what stands every second time, [] where each repeat is like the first.
     *
     * @return list<Element>
     */
    private function second(Group $group): array
    {
        return $group->alternate || null !== $group->exchange
            ? $this->fixed($this->exchanged($group), $group->alternate)
            : $this->goingOn($group);
    }

    /**
     * Returns the parts of a group with the names that change places.
     *
     * @return non-empty-list<Node>
     */
    private function exchanged(Group $group): array
    {
        $exchange = $group->exchange?->bothWays();

        return null === $exchange ? $group->parts : array_map(
            static fn (Node $part): Node => $part->renamed(static fn (string $name): string => $exchange->of($name)),
            $group->parts,
        );
    }

    /**
     * Returns the second repeat where runs by turns go on from the first, [] where each is like the first.
     *
     * @return list<Element>
     */
    private function goingOn(Group $group): array
    {
        $next = array_map(
            static fn (Node $part): Node => $part instanceof Beads ? $part->goingOn() : $part,
            $group->parts,
        );

        return $next === $group->parts ? [] : $this->fixed($next, false);
    }

    /**
     * Returns after how many elements the parts of a repeat end, but for the last.
     *
     * @param non-empty-list<Node> $parts
     *
     * @return list<int>
     */
    private function breaks(array $parts): array
    {
        $breaks = [];
        for ($end = 1; $end < \count($parts); ++$end) {
            $breaks[] = \count($this->fixed(\array_slice($parts, 0, $end), false));
        }

        return $breaks;
    }

    /**
     * @param array<Node> $parts
     *
     * @return list<Element>
     */
    private function fixed(array $parts, bool $swapped): array
    {
        $elements = [];
        foreach ($parts as $part) {
            array_push($elements, ...match (true) {
                $part instanceof Group => $this->repeated($part, $swapped),
                $part instanceof Centre => $this->fixed($part->parts, $swapped),
                default => $this->made($part, $swapped),
            });
        }

        return $this->sideBySide($elements);
    }

    /**
     * @return list<Element>
     */
    private function repeated(Group $group, bool $swapped): array
    {
        if ($group->times instanceof Fit) {
            throw PartDoesNotSuit::fitInFit($group);
        }
        $once = $this->fixed($group->parts, $swapped);
        $other = $group->alternate || null !== $group->exchange
            ? $this->fixed($this->exchanged($group), $swapped !== $group->alternate)
            : $once;
        $this->count($group, \count($once) * ($group->times - 1));

        return (new Chunk($once, null, $other))->repeated($group->times);
    }

    /**
     * @return list<Element>
     */
    private function made(Node $part, bool $swapped): array
    {
        if ($part instanceof Knots && $part->fills) {
            throw PartDoesNotSuit::fillInRepeat($part);
        }
        $made = $this->maker->elements($part, $swapped);
        $this->count($part, \count($made));

        return $made;
    }

    private function count(Node $part, int $more): void
    {
        $this->elements += $more;
        if ($this->elements > self::MOST) {
            throw PartDoesNotSuit::tooMany($part, self::MOST);
        }
    }

    private function hasFit(Group $group): bool
    {
        foreach ($group->parts as $part) {
            if ($part instanceof Group && $this->hasFit($part)) {
                return $group->fits() ? throw PartDoesNotSuit::fitInFit($part) : true;
            }
        }

        return $group->fits();
    }

    /**
     * Joins what stands on the left with what follows it on the right, or the other way round, or on one core with what
     * follows on another, into one element.
     *
     * @param list<Element> $elements
     *
     * @return list<Element>
     */
    private function sideBySide(array $elements): array
    {
        $joined = [];
        $runs = [];
        foreach ([...$elements, null] as $element) {
            $seat = $element?->seat;
            $lane = match ($seat?->lane) {
                Lane::Left, Lane::Right => $seat->lane->value,
                Lane::Strand => null === $seat->strand ? null : 'strand '.$seat->strand,
                default => null,
            };
            if (null !== $lane && (!isset($runs[$lane]) || array_key_last($runs) === $lane)) {
                $runs[$lane][] = $element;
                continue;
            }
            if ([] !== $runs) {
                $joined[] = self::beside(array_values($runs));
                $runs = null === $lane ? [] : [$lane => [$element]];
                if ([] !== $runs) {
                    continue;
                }
            }
            if (null !== $element) {
                $joined[] = $element;
            }
        }

        return $joined;
    }

    /**
     * @param non-empty-list<non-empty-list<Element>> $runs
     */
    private static function beside(array $runs): Element
    {
        $lengths = array_map(
            static fn (array $run): Length => Length::sum(
                ...array_map(static fn (Element $element): Length => $element->extent->length, $run),
            ),
            $runs,
        );
        $all = array_merge(...$runs);
        $length = Length::longest(...$lengths);
        $uses = [];
        foreach ($runs as $run) {
            foreach (array_keys($all[0]->takes) as $role) {
                $straight = Length::sum(...array_map(
                    static fn (Element $element): Length => ($element->takes[$role] ?? Take::none())->straight,
                    $run,
                ));
                $uses[$role] = Take::straight(Length::longest($straight, ($uses[$role] ?? Take::none())->straight));
            }
        }

        return new Element(
            ElementKind::Beside,
            null,
            extent: new Extent(
                length: $length,
                width: self::width($runs),
                thickness: Length::longest(
                    ...array_map(static fn (Element $element): Length => $element->extent->thickness, $all),
                ),
            ),
            takes: $uses,
            mention: new Mention(place: $all[0]->mention->place, letter: null),
            seat: new Seat(lane: Lane::Core),
            beside: $all,
        );
    }

    /**
     * Returns how wide runs beside each other are: on cores they lie side by side.
     *
     * @param non-empty-list<non-empty-list<Element>> $runs
     */
    private static function width(array $runs): Length
    {
        $widths = array_map(static fn (array $run): Length => Length::longest(
            ...array_map(static fn (Element $element): Length => $element->extent->width, $run),
        ), $runs);

        return null === $runs[0][0]->seat->strand ? Length::longest(...$widths) : Length::sum(...$widths);
    }
}
