<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Measure\Length;

/**
 * A piece of cord in stock: an offcut, exact, or a spool, of which about so much is left.
 */
final readonly class Supply
{
    private function __construct(
        public string $id,
        public ?Length $length,
        public bool $isSpool,
    ) {}

    public static function offcut(string $id, Length $length): self
    {
        return new self($id, $length, false);
    }

    /**
     * @param Length|null $about null where nobody knows: then there is enough
     */
    public static function spool(string $id, ?Length $about): self
    {
        return new self($id, $about, true);
    }
}
