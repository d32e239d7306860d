<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\Mapping as ORM;

/**
 * One cut of a sheet that is made. It holds for that length from that piece of stock: where either becomes another, it
 * has not been cut.
 */
#[ORM\Entity]
#[ORM\Table('stock_tick')]
class StoredTick
{
    /**
     * @param string $cut a hash of what is cut from what, and for whom
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)]
        private string $cut,
    ) {}

    public function cut(): string
    {
        return $this->cut;
    }
}
