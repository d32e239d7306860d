<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Where everything of a piece lies when it is laid out straight; in mm, x from the start of the body, y from its axis.
 *
 * Painting order: what lies behind, the cords, knots before them by rising level, then beads and findings.
 */
final readonly class Scene
{
    /** So many copies in a row are counted at one place. */
    private const TOGETHER = 16;

    /**
     * @param list<DrawnCord>    $cords     cords that lie bare
     * @param list<Placed>       $placed    knots
     * @param list<DrawnBead>    $beads
     * @param list<DrawnFinding> $findings
     * @param list<DrawnPart>    $stretches what each part of the pattern takes
     * @param list<HangingScene> $hanging
     */
    public function __construct(
        public SceneFrame $frame,
        public array $cords,
        public array $placed,
        public array $beads = [],
        public array $findings = [],
        public array $stretches = [],
        public array $hanging = [],
    ) {}

    /**
     * Returns how far below the axis it reaches, with all that hangs.
     */
    public function low(): float
    {
        return max(
            $this->frame->height / 2,
            $this->frame->deep,
            ...array_map(static fn (HangingScene $hanging): float => $hanging->scene->frame->height, $this->hanging),
            ...[0.0],
        );
    }

    /**
     * Returns both scenes as one.
     */
    public function with(self $other): self
    {
        return new self(
            new SceneFrame(
                left: min($this->frame->left, $other->frame->left),
                right: max($this->frame->right, $other->frame->right),
                height: max($this->frame->height, $other->frame->height),
                deep: max($this->frame->deep, $other->frame->deep),
                omitted: $this->frame->omitted ?? $other->frame->omitted,
            ),
            [...$this->cords, ...$other->cords],
            [...$this->placed, ...$other->placed],
            beads: [...$this->beads, ...$other->beads],
            findings: [...$this->findings, ...$other->findings],
            stretches: [...$this->stretches, ...$other->stretches],
            hanging: [...$this->hanging, ...$other->hanging],
        );
    }

    /**
     * Returns the scene with so many marks at most: what lies in its middle is left out where there are more.
     */
    public function thinned(int $most): self
    {
        $marks = $this->marks();
        if (array_sum(array_column($marks, 1)) <= $most) {
            return $this;
        }
        [$from, $to] = self::middle($marks, $most / 2);
        $isAside = static fn (float $x): bool => $x < $from || $x > $to;

        return new self(
            new SceneFrame(
                left: $this->frame->left,
                right: $this->frame->right,
                height: $this->frame->height,
                deep: $this->frame->deep,
                omitted: [$from, $to],
            ),
            array_values(array_filter($this->cords, static fn (DrawnCord $one): bool => $isAside($one->points[0]->x))),
            self::aside($this->placed, $from, $to),
            beads: array_values(array_filter($this->beads, static fn (DrawnBead $one): bool => $isAside($one->x))),
            findings: array_values(array_filter($this->findings, static fn (DrawnFinding $one): bool => $isAside($one->x))),
            stretches: array_values(
                array_filter($this->stretches, static fn (DrawnPart $one): bool => $isAside($one->box->from)),
            ),
            hanging: array_values(array_filter($this->hanging, static fn (HangingScene $one): bool => $isAside($one->x))),
        );
    }

    /**
     * @return list<array{float, int}> where each thing lies, and how much of it there is to draw
     */
    private function marks(): array
    {
        $marks = [];
        foreach ($this->cords as $cord) {
            $marks[] = [$cord->points[0]->x, 1 + intdiv(\count($cord->points), 8)];
        }
        foreach ($this->placed as $placed) {
            for ($i = 0; $i < $placed->count; $i += self::TOGETHER) {
                $marks[] = [$placed->some($i, 1)->pose->x, min(self::TOGETHER, $placed->count - $i)];
            }
        }
        foreach ([...$this->beads, ...$this->findings] as $thing) {
            $marks[] = [$thing->x, 1];
        }
        foreach ($this->hanging as $hanging) {
            $marks[] = [$hanging->x, 5 + array_sum(array_column($hanging->scene->marks(), 1))];
        }
        usort($marks, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $marks;
    }

    /**
     * @param list<array{float, int}> $marks by where they lie
     *
     * @return array{float, float} between which lies what is left out
     */
    private static function middle(array $marks, float $half): array
    {
        return [self::until($marks, $half), self::until(array_reverse($marks), $half)];
    }

    /**
     * @param list<array{float, int}> $marks
     */
    private static function until(array $marks, float $half): float
    {
        [$sum, $x] = [0, 0.0];
        foreach ($marks as [$at, $weight]) {
            $sum += $weight;
            $x = $at;
            if ($sum > $half) {
                break;
            }
        }

        return $x;
    }

    /**
     * @param list<Placed> $all
     *
     * @return list<Placed> but for what lies between
     */
    private static function aside(array $all, float $from, float $to): array
    {
        $aside = [];
        foreach ($all as $placed) {
            $step = $placed->motif->length * $placed->pose->scale;
            if ($placed->end() <= $from || $placed->pose->x >= $to || $step <= 0.0) {
                $aside[] = $placed;
                continue;
            }
            $before = max(0, min($placed->count, (int) floor(($from - $placed->pose->x) / $step)));
            $after = max(0, min($placed->count - $before, (int) floor(($placed->end() - $to) / $step)));
            array_push(
                $aside,
                ...0 === $before ? [] : [$placed->some(0, $before)],
                ...0 === $after ? [] : [$placed->some($placed->count - $after, $after)],
            );
        }

        return $aside;
    }
}
