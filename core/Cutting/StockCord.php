<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Material\Cord;

/**
 * One kind of cord in stock: fibre, thickness and colour, with the spools and offcuts that there are of it.
 */
final readonly class StockCord
{
    /**
     * @param list<Supply> $supplies
     */
    public function __construct(
        public string $id,
        public Cord $cord,
        public array $supplies,
    ) {}

    /**
     * Returns whether $cord is of this kind: the same fibre and colour, and as thick to a twentieth of a millimetre.
     */
    public function isOf(Cord $cord): bool
    {
        return $this->cord->fibre === $cord->fibre
            && $this->cord->colour->hex === $cord->colour->hex
            && abs($this->cord->thickness->millimetres - $cord->thickness->millimetres) < 0.05
            && abs(($this->cord->width->millimetres ?? 0.0) - ($cord->width->millimetres ?? 0.0)) < 0.05;
    }
}
