<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * What lies inside a knot: straight cores, as thick as each other, in diameters of the cord that is knotted over them.
 *
 * @internal
 */
final readonly class Inside
{
    public const MOST = 8;

    private function __construct(public int $count, public float $diameter) {}

    public static function of(int $count, float $diameter = 1.0): self
    {
        return $count >= 1 && $count <= self::MOST && $diameter >= 0.2 && $diameter <= 10
            ? new self($count, $diameter)
            : throw new \InvalidArgumentException('From 1 to 8 cores, from a fifth of the cord to ten times as thick.');
    }

    /**
     * Returns them loosely together: one; two, three or four around the middle; more around one.
     *
     * @return non-empty-list<Rod>
     */
    public function rods(): array
    {
        $around = $this->count < 5 ? $this->count : $this->count - 1;
        $out = 1 === $this->count ? 0.0 : 1.02 * $this->diameter / (2 * sin(\M_PI / max(2, $around)));
        $turned = [2 => 0.0, 4 => \M_PI / 4][$this->count] ?? \M_PI / 2;
        $rods = $this->count < 5 ? [] : [new Rod(0.0, 0.0, $this->diameter)];
        $out = $this->count < 5 ? $out : max($out, 1.01 * $this->diameter);
        for ($i = 0; $i < $around; ++$i) {
            $angle = $turned + 2 * \M_PI * $i / $around;
            $rods[] = new Rod($out * cos($angle), $out * sin($angle), $this->diameter);
        }

        return [] === $rods ? throw new \LogicException('There is at least one.') : $rods;
    }

    /**
     * @return array{float, float} half of what they take side by side, and half of what they take above each other
     */
    public function half(): array
    {
        $rods = $this->rods();

        return [
            max(array_map(static fn (Rod $rod): float => abs($rod->x), $rods)) + $this->diameter / 2,
            max(array_map(static fn (Rod $rod): float => abs($rod->y), $rods)) + $this->diameter / 2,
        ];
    }
}
