<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord as Material;

/**
 * What a band shows where its cores leave each other.
 *
 * @internal
 */
abstract readonly class ApartPicture
{
    /**
     * @param array<string, Bead> $beads of the piece, by short name
     */
    public function __construct(private array $beads) {}

    /**
     * Returns at which shares of the element's length the way of a core is said.
     *
     * @return non-empty-list<float>
     */
    abstract public function shares(): array;

    /**
     * Returns how far core $core of $cores lies off the axis at a share of the element's length, in mm.
     */
    abstract public function coreAt(Element $element, int $core, int $cores, float $share): float;

    /**
     * @return list<DrawnBead>
     */
    abstract public function beads(Element $element, float $start): array;

    /**
     * Returns the way of the cord that ties.
     *
     * @return list<DrawnCord>
     */
    abstract public function cords(Element $element, float $start, Material $cord, string $role): array;

    protected function bead(Element $element, float $x, float $y, float $turn = 0.0): DrawnBead
    {
        $bead = $this->beads[$element->name] ?? throw new \LogicException('The line has a bead that its piece lacks.');

        return new DrawnBead((string) $element->name, $bead, $x, $y, $element->mention->letter, $turn);
    }
}
