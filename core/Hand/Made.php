<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Material\Cord;

/**
 * What the length and the use of something are told by that a hand makes: its kind, in which cord, whether it is pushed
 * together, and whether it was measured for this piece alone.
 *
 * @internal
 */
final readonly class Made
{
    public string $key;

    /**
     * @param string $kind family of knots or sections
     * @param string $cord family of cords
     */
    private function __construct(
        public string $kind,
        public string $cord,
        public bool $isPushed,
        public bool $isSampled,
    ) {
        $this->key = $kind.' / '.$cord.($isPushed ? ' pushed' : '').($isSampled ? ' own' : '');
    }

    public static function of(string $word, Cord $cord, bool $isPushed, bool $isSampled = false): self
    {
        return new self(Hand::kind($word), Hand::cord($cord), $isPushed, $isSampled);
    }

    /**
     * Returns the same of families by their names.
     */
    public static function family(string $kind, string $cord, bool $isPushed, bool $isSampled = false): self
    {
        return new self($kind, $cord, $isPushed, $isSampled);
    }
}
