<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\KnotKind;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Piece\Piece;

/**
 * One cord that carries beads and ties knots in itself; or several alike, each for itself.
 *
 * @internal
 */
final readonly class CordMaker extends PartMaker
{
    /**
     * @param list<KnotKind> $kinds knots that suit
     */
    public function __construct(
        Piece $piece,
        private string $role,
        private array $kinds,
    ) {
        parent::__construct($piece);
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        if (!\in_array($knots->kind, $this->kinds, true)) {
            throw PartDoesNotSuit::notTied($knots, '"'.$knots->kind->value.'"');
        }
        $tied = $this->piece->knots()->in($knots->kind, $this->piece->cord($this->role)->cord, 1, $knots->wraps ?? 3);

        return $this->tied($knots, $tied, [$this->role => [Length::zero(), $tied->use]]);
    }

    protected function along(Length $length, Length $bulge): array
    {
        return [$this->role => [$length, Length::zero()]];
    }

    protected function bare(): Length
    {
        return $this->piece->cord($this->role)->cord->thickness;
    }
}
