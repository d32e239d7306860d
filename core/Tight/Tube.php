<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * What a cord is like as a tube, all in its own diameter and the tension that pulls it.
 *
 * @internal
 */
final readonly class Tube
{
    /** A tube's middle cannot bend sharper than the tube is thick. */
    public const SHARPEST = 0.5;

    /**
     * @param float $hardness  force against an overlap of one diameter, for each diameter along either cord; without
     *                         end for an ideal tube
     * @param float $stiffness against bending, in tensions times square diameters
     * @param float $friction  share of what presses that holds it back (Coulomb)
     * @param float $core      how hard the cores in it are, as the hardness of a cord
     */
    private function __construct(
        public float $hardness = \INF,
        public float $stiffness = 0.0,
        public float $friction = 0.0,
        public float $core = \INF,
    ) {
        $isCord = $hardness > 0 && $core > 0 && $stiffness >= 0 && $friction >= 0;
        $isCord || throw new \InvalidArgumentException('A cord is hard; neither its stiffness nor its friction helps.');
    }

    /**
     * Returns an ideal tube: hard, limp and slippery.
     */
    public static function ideal(): self
    {
        return new self();
    }

    /**
     * @param float|null $core of the cores; without it they are as hard as the cord
     */
    public function asHardAs(float $hardness, ?float $core = null): self
    {
        return new self($hardness, $this->stiffness, $this->friction, $core ?? $hardness);
    }

    /**
     * Returns how hard cord and core are together where they press each other: both give way, as two springs in a row.
     */
    public function onCores(): float
    {
        $gives = (1 / $this->hardness + 1 / $this->core) / 2;

        return 0.0 === $gives ? \INF : 1 / $gives;
    }

    public function asStiffAs(float $stiffness): self
    {
        return new self($this->hardness, $stiffness, $this->friction, $this->core);
    }

    public function asRoughAs(float $friction): self
    {
        return new self($this->hardness, $this->stiffness, $friction, $this->core);
    }
}
