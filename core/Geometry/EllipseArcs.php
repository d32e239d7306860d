<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * Where one is on an ellipse after a share of the way around it, counter-clockwise from its widest point on.
 *
 * @internal
 */
final readonly class EllipseArcs
{
    private const STEPS = 120;

    /** Length of the way around, in half heights. */
    public float $around;

    /** @var non-empty-list<float> share of the way up to each step of the angle */
    private array $shares;

    /** @var list<int> step of the angle that is reached at each of as many even shares of the way */
    private array $steps;

    /**
     * @param float $ratio of its width to its height
     */
    private function __construct(public float $ratio)
    {
        $arcs = [0.0];
        $step = 2 * \M_PI / self::STEPS;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $chord = hypot($ratio * (cos(($i + 1) * $step) - cos($i * $step)), sin(($i + 1) * $step) - sin($i * $step));
            $arcs[] = $arcs[$i] + $chord * (1 + $step ** 2 / 24);
        }
        $this->around = $arcs[self::STEPS];
        $this->shares = array_map(fn (float $arc): float => $arc / $this->around, $arcs);
        [$steps, $step] = [[], 0];
        for ($i = 0; $i < self::STEPS; ++$i) {
            while ($step < self::STEPS - 1 && ($this->shares[$step + 1] ?? 1.0) <= $i / self::STEPS) {
                ++$step;
            }
            $steps[] = $step;
        }
        $this->steps = $steps;
    }

    /**
     * Returns the arcs of an ellipse of that ratio, worked out once.
     */
    public static function of(float $ratio): self
    {
        /** @var array<string, self> $known few: one for each place of the body */
        static $known = [];

        return $known[(string) $ratio] ??= new self($ratio);
    }

    /**
     * Returns the angle of the ellipse's own parameter after a share of the way; it begins again after each turn.
     */
    public function angle(float $share): float
    {
        $share -= floor($share);
        if (1.0 === $this->ratio) {
            return 2 * \M_PI * $share;
        }
        $step = $this->steps[(int) ($share * self::STEPS)] ?? 0;
        while ($step < self::STEPS - 1 && ($this->shares[$step + 1] ?? 1.0) <= $share) {
            ++$step;
        }
        [$from, $to] = [$this->shares[$step] ?? 0.0, $this->shares[$step + 1] ?? 1.0];

        return 2 * \M_PI * ($step + ($share - $from) / ($to - $from)) / self::STEPS;
    }
}
