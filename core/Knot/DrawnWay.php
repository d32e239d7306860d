<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Exception\KnotUnreadable;

/**
 * The way of one cord through a knot of somebody's own, drawn on squared paper: places by the letter of their column
 * and the number of their row, "k1 k6 o9", and what it does where it first comes to each crossing, over or under.
 *
 * It comes in uppermost and goes out lowest. One square is one unit; x goes down the page and y to the left, as in
 * lessons.
 */
final readonly class DrawnWay
{
    public const COLUMNS = 18;
    public const ROWS = 30;
    public const PLACES = [4, 60];

    /** What is crossed less often is no knot; what is crossed more often none that a maker ties. */
    public const CROSSINGS = [3, 16];

    private const PLACE = '/^([a-r])([1-9]\d?)$/D';

    /** Points from one place to the next. */
    private const STEPS = 8;

    /** Two that cross at a smaller angle, as its sine, lie along each other. */
    private const FLATTEST = 0.25;

    /** Crossings that are nearer to each other lie on each other, in squares. */
    private const NEAREST = 0.45;

    /**
     * @param non-empty-list<array{int, int}> $places    column and row, each from 0
     * @param non-empty-list<Point>           $points    of the smooth way through them
     * @param list<WayCrossing>               $crossings in the order in which the cord comes to them
     */
    private function __construct(
        public array $places,
        public array $points,
        public array $crossings,
    ) {}

    /**
     * @param string $places    "k1 k6 o9 …"
     * @param string $crossings "over under …", in the order in which the cord comes to them; over and under by turns,
     *                          as the cord goes on, where nothing is said
     *
     * @throws KnotUnreadable If it is no way, or crosses itself so that nobody could follow it
     */
    public static function read(string $places, string $crossings = ''): self
    {
        $words = self::words($places);
        if (\count($words) < self::PLACES[0] || \count($words) > self::PLACES[1]) {
            throw KnotUnreadable::places(...[...self::PLACES, \count($words)]);
        }
        $way = self::through(array_map(self::place(...), $words));
        $way->checked();

        return $way->crossing(self::words($crossings));
    }

    /**
     * Returns a way as far as it can be read: to be drawn while it is laid. Null before its first place.
     */
    public static function sketched(string $places, string $crossings = ''): ?self
    {
        $there = [];
        foreach (\array_slice(self::words($places), 0, self::PLACES[1]) as $word) {
            if (1 === preg_match(self::PLACE, $word, $found) && (int) $found[2] <= self::ROWS) {
                $there[] = [\ord($found[1]) - \ord('a'), (int) $found[2] - 1];
            }
        }
        if ([] === $there) {
            return null;
        }
        $way = self::through($there);
        $words = array_filter(
            self::words($crossings),
            static fn (string $word): bool => \in_array($word, ['over', 'under'], true),
        );

        return $way->crossing(\array_slice(array_values($words), 0, \count($way->crossings)));
    }

    /**
     * Returns a way as far as it has come, whatever it crosses: to be drawn while it is laid.
     *
     * @param non-empty-list<array{int, int}> $places
     */
    public static function through(array $places): self
    {
        $stations = [];
        foreach ($places as $i => [$column, $row]) {
            // Laid a hair beside: a crossing on a corner of the paper is one crossing, not the end of four lines.
            $off = 1e-4 * (($i * 7) % 11 - 5);
            $stations[] = [$row + $off, self::COLUMNS / 2 - $column - $off];
        }
        $last = \count($stations) - 1;
        $points = Curve::between([
            [$stations[0][0] - 1, $stations[0][1]], ...$stations, [$stations[$last][0] + 1, $stations[$last][1]],
        ], self::STEPS);

        return new self($places, $points, self::alternating(self::found($points)));
    }

    /**
     * Returns the smooth way, each square so many diameters of its cord wide.
     *
     * @return non-empty-list<Point>
     */
    public function onSquaresOf(float $diameters): array
    {
        return array_map(
            static fn (Point $point): Point => new Point($diameters * $point->x, $diameters * $point->y),
            $this->points,
        );
    }

    /**
     * Returns the places as they are written.
     */
    public function written(): string
    {
        return implode(' ', array_map(self::name(...), $this->places));
    }

    /**
     * Returns what it does at each crossing where it first comes there, as it is written.
     */
    public function crossed(): string
    {
        return implode(' ', array_map(
            static fn (WayCrossing $crossing): string => $crossing->isOver ? 'over' : 'under',
            $this->crossings,
        ));
    }

    /**
     * Returns each time the cord goes over or under itself, in order.
     *
     * @return list<array{float, int, bool}> where on its way, in points; which crossing, from 0; whether it goes over
     */
    public function passages(): array
    {
        $passages = [];
        foreach ($this->crossings as $i => $crossing) {
            $passages[] = [$crossing->first, $i, $crossing->isOver];
            $passages[] = [$crossing->second, $i, !$crossing->isOver];
        }
        usort($passages, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $passages;
    }

    /**
     * Returns each time the cord comes to where it lies already, in order.
     *
     * @return list<array{float, int, bool}> where on its way, in points; which crossing, from 0; whether it goes over
     */
    public function met(): array
    {
        return array_values(array_filter(
            $this->passages(),
            fn (array $passage): bool => $passage[0] === $this->crossings[$passage[1]]->second,
        ));
    }

    /**
     * Returns the level of each stretch between two points: 1 where it goes under next, 2 where over.
     *
     * @return list<int>
     */
    public function levels(): array
    {
        $passages = $this->passages();
        $levels = [];
        $next = 0;
        for ($i = 0, $last = \count($this->points) - 1; $i < $last; ++$i) {
            while (isset($passages[$next + 1]) && $i + 0.5 > ($passages[$next][0] + $passages[$next + 1][0]) / 2) {
                ++$next;
            }
            $levels[] = ($passages[$next][2] ?? false) ? 2 : 1;
        }

        return $levels;
    }

    /**
     * Returns the same with one crossing the other way about.
     */
    public function turnedAt(int $crossing): self
    {
        $crossings = $this->crossings;
        if (isset($crossings[$crossing])) {
            $crossings[$crossing] = $crossings[$crossing]->over(!$crossings[$crossing]->isOver);
        }

        return new self($this->places, $this->points, array_values($crossings));
    }

    /**
     * Returns what a mirror shows.
     */
    public function mirrored(): self
    {
        $mirrored = self::through(array_map(
            static fn (array $place): array => [self::COLUMNS - $place[0], $place[1]],
            $this->places,
        ));

        return new self($mirrored->places, $mirrored->points, array_map(
            static fn (WayCrossing $crossing, WayCrossing $as): WayCrossing => $crossing->over($as->isOver),
            $mirrored->crossings,
            $this->crossings,
        ));
    }

    /**
     * @param array{int, int} $place
     */
    public static function name(array $place): string
    {
        return \chr(\ord('a') + $place[0]).($place[1] + 1);
    }

    /**
     * @return array{int, int}
     *
     * @throws KnotUnreadable
     */
    private static function place(string $word): array
    {
        if (1 !== preg_match(self::PLACE, $word, $found) || (int) $found[2] > self::ROWS) {
            throw KnotUnreadable::noPlace($word);
        }

        return [\ord($found[1]) - \ord('a'), (int) $found[2] - 1];
    }

    /**
     * @return list<string>
     */
    private static function words(string $text): array
    {
        return preg_split('/[\s,;]+/', mb_strtolower(mb_scrub(trim($text))), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * @param list<string> $words
     *
     * @throws KnotUnreadable
     */
    private function crossing(array $words): self
    {
        if (\count($words) > \count($this->crossings)) {
            throw KnotUnreadable::words(\count($this->crossings), \count($words));
        }
        $crossings = $this->crossings;
        foreach ($words as $i => $word) {
            $crossings[$i] = match ($word) {
                'over' => $this->crossings[$i]->over(true),
                'under' => $this->crossings[$i]->over(false),
                default => throw KnotUnreadable::noWord($word),
            };
        }

        return new self($this->places, $this->points, array_values($crossings));
    }

    /**
     * @throws KnotUnreadable
     */
    private function checked(): void
    {
        $rows = array_column($this->places, 1);
        $last = \count($rows) - 1;
        foreach ($rows as $i => $row) {
            if ($i > 0 && $row <= $rows[0]) {
                throw KnotUnreadable::shutIn('beginning');
            }
            if ($i < $last && $row >= $rows[$last]) {
                throw KnotUnreadable::shutIn('end');
            }
        }
        foreach ($this->crossings as $i => $crossing) {
            if (abs($crossing->turn) < self::FLATTEST) {
                throw KnotUnreadable::alongEachOther(self::near($crossing->at));
            }
            foreach (\array_slice($this->crossings, $i + 1) as $other) {
                if ($other->at->distanceTo($crossing->at) < self::NEAREST) {
                    throw KnotUnreadable::onEachOther(self::near($crossing->at));
                }
            }
        }
        $count = \count($this->crossings);
        if ($count < self::CROSSINGS[0] || $count > self::CROSSINGS[1]) {
            throw KnotUnreadable::crossings(...[...self::CROSSINGS, $count]);
        }
    }

    private static function near(Point $point): string
    {
        return self::name([
            max(0, min(self::COLUMNS - 1, (int) round(self::COLUMNS / 2 - $point->y))),
            max(0, (int) round($point->x)),
        ]);
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return list<WayCrossing>
     */
    private static function found(array $points): array
    {
        $crossings = [];
        $boxes = self::boxes($points);
        $edges = \count($points) - 1;
        foreach ($boxes as $a => $one) {
            for ($b = $a, $all = \count($boxes); $b < $all; ++$b) {
                if (!self::meet($one, $boxes[$b])) {
                    continue; // most of the paper lies between most of them
                }
                $last = min($edges, ($b + 1) * self::STEPS);
                for ($i = $a * self::STEPS, $to = min($edges, $i + self::STEPS); $i < $to; ++$i) {
                    for ($j = max($i + 2, $b * self::STEPS); $j < $last; ++$j) {
                        $crossing = self::where($points, $i, $j);
                        if (null !== $crossing) {
                            $crossings[] = $crossing;
                        }
                    }
                }
            }
        }
        usort($crossings, static fn (WayCrossing $one, WayCrossing $other): int => $one->first <=> $other->first);

        return $crossings;
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return list<array{float, float, float, float}> around the way from each place to the next: from, to, by x and
     *                                                 by y
     */
    private static function boxes(array $points): array
    {
        $boxes = [];
        for ($from = 0, $edges = \count($points) - 1; $from < $edges; $from += self::STEPS) {
            [$x, $y] = [[], []];
            foreach (\array_slice($points, $from, self::STEPS + 1) as $point) {
                [$x[], $y[]] = [$point->x, $point->y];
            }
            $boxes[] = [min($x ?: [0.0]), max($x ?: [0.0]), min($y ?: [0.0]), max($y ?: [0.0])];
        }

        return $boxes;
    }

    /**
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function meet(array $one, array $other): bool
    {
        return $one[0] <= $other[1] && $other[0] <= $one[1] && $one[2] <= $other[3] && $other[2] <= $one[3];
    }

    /**
     * @param list<Point> $points
     */
    private static function where(array $points, int $i, int $j): ?WayCrossing
    {
        [$a, $b, $c, $d] = [$points[$i], $points[$i + 1], $points[$j], $points[$j + 1]];
        [$ax, $ay, $cx, $cy] = [$b->x - $a->x, $b->y - $a->y, $d->x - $c->x, $d->y - $c->y];
        $turn = $ax * $cy - $ay * $cx;
        if (0.0 === $turn) {
            return null;
        }
        $s = (($c->x - $a->x) * $cy - ($c->y - $a->y) * $cx) / $turn;
        $t = (($c->x - $a->x) * $ay - ($c->y - $a->y) * $ax) / $turn;

        return $s < 0 || $s >= 1 || $t < 0 || $t >= 1 ? null : new WayCrossing(
            new Point($a->x + $s * $ax, $a->y + $s * $ay),
            $i + $s,
            $j + $t,
            $turn / max(1e-12, hypot($ax, $ay) * hypot($cx, $cy)),
        );
    }

    /**
     * Lays crossings under and over by turns: along a line that crosses itself each is come to once at an odd and once
     * at an even passage (C. F. Gauss, from memory).
     *
     * @param list<WayCrossing> $crossings
     *
     * @return list<WayCrossing>
     */
    private static function alternating(array $crossings): array
    {
        $along = [];
        foreach ($crossings as $crossing) {
            array_push($along, $crossing->first, $crossing->second);
        }
        sort($along);

        return array_map(static fn (WayCrossing $crossing): WayCrossing => $crossing->over(
            1 === (int) array_search($crossing->first, $along, true) % 2,
        ), $crossings);
    }
}
