<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Colour;

/**
 * The way of one cord through a knot, from one end to the other: a fine line, each stretch of it at a level.
 *
 * The unit is the diameter of the cord; a level is as thick as one. A knot is laid open or drawn tight with the same
 * stations at other places, so that one can be blended into the other.
 *
 * @internal
 */
final readonly class Course
{
    /**
     * @param non-empty-list<Point> $points
     * @param list<int>             $levels one for each stretch between two points
     */
    private function __construct(
        public string $name,
        public array $points,
        public array $levels,
    ) {}

    /**
     * Returns the smooth way through stations: x, y, and the level from there to the next.
     *
     * @param non-empty-list<array{float, float, int}> $stations at least two
     * @param array{float, float}|null                 $before   where it would come from; straight on when null
     * @param array{float, float}|null                 $after    where it would go to
     */
    public static function through(
        string $name,
        array $stations,
        ?array $before = null,
        ?array $after = null,
        int $steps = Curve::FINE,
    ): self {
        $last = \count($stations) - 1;
        $places = array_map(static fn (array $station): array => [$station[0], $station[1]], $stations);
        $levels = [];
        for ($i = 0; $i < $last; ++$i) {
            array_push($levels, ...array_fill(0, $steps, $stations[$i][2]));
        }

        return new self($name, Curve::between([
            $before ?? self::beyond($places[0], $places[1] ?? $places[0]),
            ...$places,
            $after ?? self::beyond($places[$last] ?? $places[0], $places[$last - 1] ?? $places[0]),
        ], $steps), $levels);
    }

    /**
     * @param non-empty-list<Point> $points
     * @param list<int>             $levels one for each stretch between two points
     */
    public static function of(string $name, array $points, array $levels): self
    {
        return new self($name, $points, $levels);
    }

    /**
     * Returns a way beside this one, to its right seen along it where $aside is above nothing.
     */
    public function beside(string $name, float $aside): self
    {
        $last = \count($this->points) - 1;

        return $this->named($name)->moved(function (Point $point, int $i) use ($aside, $last): Point {
            [$from, $to] = [
                $this->points[max(0, $i - 1)] ?? $point,
                $this->points[min($last, $i + 1)] ?? $point,
            ];
            $length = max(1e-9, $from->distanceTo($to));

            return new Point(
                $point->x - $aside * ($to->y - $from->y) / $length,
                $point->y + $aside * ($to->x - $from->x) / $length,
            );
        });
    }

    /**
     * Returns the stretches at one level each, reaching a little into the next so that no seam shows.
     */
    public function strand(?Colour $colour = null): Strand
    {
        return new Strand($this->name, array_map(
            fn (array $stretch): Span => $this->span($stretch, $colour),
            $this->stretches(),
        ));
    }

    /**
     * Returns the same stretches, each with how far along the cord it begins and ends.
     *
     * @return list<array{float, float, Span}>
     */
    public function spans(): array
    {
        $along = [0.0];
        foreach ($this->points as $i => $point) {
            $along[$i] = $i > 0 ? $along[$i - 1] + $this->points[$i - 1]->distanceTo($point) : 0.0;
        }

        return array_map(fn (array $stretch): array => [
            $along[$stretch[0]],
            $along[$stretch[1]],
            $this->span($stretch),
        ], $this->stretches());
    }

    /**
     * @return list<array{int, int}> the first and the last point of each stretch at one level
     */
    private function stretches(): array
    {
        $stretches = [];
        $from = 0;
        $last = \count($this->levels);
        for ($i = 1; $i <= $last; ++$i) {
            if ($i === $last || $this->levels[$i] !== $this->levels[$from]) {
                $stretches[] = [$from, min($last, $i + 1)];
                $from = $i;
            }
        }

        return $stretches;
    }

    /**
     * @param array{int, int} $stretch
     */
    private function span(array $stretch, ?Colour $colour = null): Span
    {
        [$from, $to] = $stretch;

        return new Span($this->levels[$from], \array_slice($this->points, $from, $to - $from + 1), $colour);
    }

    public function end(): Point
    {
        return $this->points[\count($this->points) - 1] ?? $this->points[0];
    }

    public function length(): float
    {
        return $this->along(\count($this->points) - 1);
    }

    /**
     * Returns how far along the point nearest to a place lies.
     */
    public function nearest(float $x, float $y): float
    {
        $place = new Point($x, $y);
        $best = 0;
        foreach ($this->points as $i => $point) {
            if ($point->distanceTo($place) < $this->points[$best]->distanceTo($place)) {
                $best = $i;
            }
        }

        return $this->along($best);
    }

    /**
     * Returns how far along the $i-th of the stations lies that it was laid through.
     */
    public function station(int $i): float
    {
        return $this->along($i * Curve::FINE);
    }

    /**
     * Returns how far along the $i-th of its points lies.
     */
    public function along(int $i): float
    {
        $length = 0.0;
        for ($j = 1; $j <= $i; ++$j) {
            $length += $this->points[$j - 1]->distanceTo($this->points[$j] ?? $this->points[$j - 1]);
        }

        return $length;
    }

    /**
     * Returns this as far as a cord that has travelled so far.
     */
    public function until(float $length): self
    {
        $gone = 0.0;
        foreach ($this->points as $i => $point) {
            $before = $this->points[$i - 1] ?? $point;
            $step = $before->distanceTo($point);
            if ($gone + $step > $length && $i > 0 && $step > 0) {
                $share = max(0.0, $length - $gone) / $step;
                $end = new Point(
                    $before->x + $share * ($point->x - $before->x),
                    $before->y + $share * ($point->y - $before->y),
                );

                return new self(
                    $this->name,
                    [...\array_slice($this->points, 0, $i), $end],
                    \array_slice($this->levels, 0, $i),
                );
            }
            $gone += $step;
        }

        return $this;
    }

    /**
     * Returns the way a share of the way from here to $other, which has the same stations.
     */
    public function blended(self $other, float $share): self
    {
        return $this->moved(static fn (Point $point, int $i): Point => new Point(
            $point->x + $share * (($other->points[$i] ?? $point)->x - $point->x),
            $point->y + $share * (($other->points[$i] ?? $point)->y - $point->y),
        ));
    }

    /**
     * Returns what a mirror shows that stands along the piece.
     */
    public function mirrored(): self
    {
        return $this->moved(static fn (Point $point): Point => new Point($point->x, -$point->y));
    }

    public function shifted(float $x, float $y): self
    {
        return $this->moved(static fn (Point $point): Point => new Point($point->x + $x, $point->y + $y));
    }

    public function scaled(float $size): self
    {
        return $this->moved(static fn (Point $point): Point => new Point($size * $point->x, $size * $point->y));
    }

    public function named(string $name): self
    {
        return new self($name, $this->points, $this->levels);
    }

    /**
     * @param callable(Point, int): Point $move
     */
    private function moved(callable $move): self
    {
        return new self($this->name, array_map($move, $this->points, array_keys($this->points)), $this->levels);
    }

    /**
     * @param array{float, float} $end
     * @param array{float, float} $inner
     *
     * @return array{float, float}
     */
    private static function beyond(array $end, array $inner): array
    {
        return [2 * $end[0] - $inner[0], 2 * $end[1] - $inner[1]];
    }
}
