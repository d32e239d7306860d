<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * How a cord is cut and held while it is worked.
 *
 * @internal
 */
final readonly class Handling
{
    /**
     * @param bool $folds      whether it is folded where its ends part; else the piece begins there
     * @param bool $oneWay     whether only its end b is worked, from its tip a on
     * @param bool $isLater    whether it is cut when its turn comes, not with the others
     * @param bool $isFree     whether what is left of its ends does not matter, as of elastic
     * @param bool $isUnmarked whether nobody marks where its ends part
     * @param int  $place      from 1, which it is of strands that lie in an order and are cut one by one; else 0
     */
    public function __construct(
        public bool $folds,
        public bool $oneWay = false,
        public bool $isLater = false,
        public bool $isFree = false,
        public bool $isUnmarked = false,
        public int $place = 0,
    ) {}
}
