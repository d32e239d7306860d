<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\People\Person;
use Rinkel\Core\Construction\CordNames;
use Rinkel\Core\Construction\Draft;

/**
 * What a piece could have and be: what its page offers.
 */
final readonly class Choices
{
    /**
     * @param \Closure(): array<string, Draft> $closures the same piece closed otherwise, by kind
     * @param list<string>                     $knots    that its construction ties, by their word
     * @param list<string>                     $parts    other parts that only it has, as they are put in
     * @param CordNames                        $cords    which it can have
     * @param array<string, string>            $usual    what its maker usually has, where the piece is otherwise
     * @param list<Person>                     $people
     * @param array{bool, bool}                $steps    whether there is anything to undo, to do again
     * @param bool                             $brief    whether cautions are said in short
     */
    public function __construct(
        private \Closure $closures,
        public array $knots,
        public array $parts,
        public CordNames $cords,
        public array $usual,
        public array $people,
        public array $steps,
        public bool $brief,
    ) {}

    /**
     * @return array<string, Draft> the same piece closed otherwise, by kind
     */
    public function closures(): array
    {
        return ($this->closures)();
    }
}
